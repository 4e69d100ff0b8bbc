package app.avrel.desktop.lessons;

import app.avrel.desktop.parts.Sheet;
import app.avrel.desktop.session.Session;
import app.avrel.desktop.words.Words;
import app.avrel.form.Form;
import app.avrel.form.Track;
import app.avrel.lesson.Lesson;
import app.avrel.lesson.course.Course;
import app.avrel.lesson.course.CoursePlan;
import app.avrel.lesson.course.Syllabus;
import app.avrel.lesson.course.WhatIf;
import app.avrel.project.Project;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;

/** A new course, or one to be changed: its fields to the left, its plan to the right as it would be. */
final class CourseSheet {

    private final Session session;
    private final CourseFields fields;
    private final PlanView view = new PlanView();

    private CourseSheet(Session session, Course course) {
        this.session = session;
        fields = new CourseFields(session.project(), course, this::show);
    }

    /** @param known the course to be changed; empty for a new one */
    static void open(Session session, LessonActions actions, StackPane over, Optional<Course> known) {
        Project project = session.project();
        Course begun = known.orElseGet(() -> Course.of(
                project.freshCourseId(Words.of("lessons.course_2")),
                Words.of("lessons.new_course_2"),
                session.desk().get().form().id(),
                LocalDate.now().plusWeeks(1)));
        CourseSheet sheet = new CourseSheet(session, begun);
        HBox.setHgrow(sheet.view, Priority.ALWAYS);
        HBox content = new HBox(sheet.fields, sheet.view);
        content.getStyleClass().addAll("course-sheet", "table-sheet");
        sheet.show();
        List<Sheet.Answer> answers = new ArrayList<>();
        answers.add(new Sheet.Answer(
                known.isEmpty() ? Words.of("lessons.plan") : Words.of("lessons.change_re_plan"),
                () -> actions.keep(sheet.fields.course(), known.isEmpty())));
        answers.add(new Sheet.Answer(Words.of("common.cancel"), () -> {}));
        known.ifPresent(course -> answers.add(
                new Sheet.Answer(Words.of("lessons.delete_course"), () -> actions.deleteCourse(course.id()))));
        Sheet.show(over, known.map(Course::name).orElse(Words.of("lessons.new_course_2")), content, answers);
    }

    private void show() {
        Course course = fields.course();
        Project project = session.project();
        Form form = project.formOrFirst(course.form());
        Track track = session.desk().get().survey().track(form.id()).orElseThrow();
        List<Lesson> made = project.lessonsOf(course.id());
        CoursePlan plan = CoursePlan.of(course, form, track, made);
        view.show(course, plan, Syllabus.of(form, track, course), WhatIf.of(course, form, track, made));
        view.note(project.standsIn(course.form()));
    }
}
