package app.avrel.desktop.lessons;

import app.avrel.desktop.parts.Sheet;
import app.avrel.desktop.parts.Texts;
import app.avrel.desktop.session.Session;
import app.avrel.desktop.words.Words;
import app.avrel.lesson.Lesson;
import app.avrel.lesson.course.Course;
import app.avrel.lesson.course.CoursePlan;
import app.avrel.lesson.course.Syllabus;
import app.avrel.project.LessonEdits;
import app.avrel.project.Lessons;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** What is left of a course planned anew: before and after, side by side, before it is done. */
final class ReplanSheet {

    private ReplanSheet() {}

    static void open(Session session, LessonActions actions, StackPane over) {
        session.desk()
                .get()
                .course()
                .ifPresentOrElse(
                        course -> open(session, actions, over, course),
                        () -> Sheet.tell(over, Words.of("lessons.no_course"), Words.of("lessons.lesson_belongs_no")));
    }

    private static void open(Session session, LessonActions actions, StackPane over, Course course) {
        Lessons lessons = session.lessons();
        Syllabus syllabus = lessons.syllabus(course);
        CoursePlan plan = lessons.plan(course);
        List<Lesson> before = session.project().lessonsOf(course.id());
        GridPane table = table();
        boolean changes = false;
        for (int i = 0; i < Math.max(before.size(), plan.lessons().size()); i++) {
            Optional<Lesson> was = at(before, i);
            Optional<CoursePlan.Planned> planned = at(plan.lessons(), i);
            boolean differs = differs(syllabus, was, planned);
            changes |= differs;
            table.addRow(
                    i + 1,
                    Texts.of(Integer.toString(i + 1), "lesson-number"),
                    Texts.wrapped(
                            was.map(one -> named(syllabus, units(syllabus, one)) + state(one))
                                    .orElse(""),
                            "make-line"),
                    Texts.wrapped(
                            planned.map(one -> planned(syllabus, before, one)).orElse(""),
                            differs ? "replan-changed" : "make-line"));
        }
        show(actions, over, course, changes, table);
    }

    private static <T> Optional<T> at(List<T> all, int at) {
        return at < all.size() ? Optional.of(all.get(at)) : Optional.empty();
    }

    /** Whether a lesson that was not taught yet would bring other things, or is no more, or is new. */
    private static boolean differs(Syllabus syllabus, Optional<Lesson> was, Optional<CoursePlan.Planned> planned) {
        return was.isEmpty()
                || planned.isEmpty()
                || was.get().log().isEmpty()
                        && !units(syllabus, was.get()).equals(planned.get().units());
    }

    private static void show(LessonActions actions, StackPane over, Course course, boolean changes, GridPane table) {
        VBox content = new VBox(
                Texts.wrapped(
                        changes ? Words.of("lessons.lessons_were_taught") : Words.of("lessons.plan_as_good"), "quiet"),
                table);
        content.getStyleClass().add("table-sheet");
        List<Sheet.Answer> answers = new ArrayList<>();
        if (changes) {
            answers.add(new Sheet.Answer(Words.of("lessons.plan_so"), () -> actions.replan(course.id())));
        }
        answers.add(new Sheet.Answer(changes ? Words.of("lessons.leave") : Words.of("common.close"), () -> {}));
        Sheet.show(over, Words.of("lessons.re_plan_left_3", course.name()), content, answers);
    }

    private static GridPane table() {
        GridPane table = new GridPane();
        table.getStyleClass().add("replan-table");
        for (int share : List.of(6, 47, 47)) {
            ColumnConstraints column = new ColumnConstraints();
            column.setPercentWidth(share);
            table.getColumnConstraints().add(column);
        }
        table.addRow(
                0,
                Texts.of("", "section"),
                Texts.of(Words.of("lessons.as"), "section"),
                Texts.of(Words.of("lessons.planned_anew"), "section"));
        return table;
    }

    private static List<Integer> units(Syllabus syllabus, Lesson lesson) {
        return LessonEdits.units(syllabus, lesson.brings());
    }

    private static String state(Lesson lesson) {
        return lesson.missed() ? Words.of("lessons.missed_2") : lesson.taught() ? " ✓" : "";
    }

    private static String planned(Syllabus syllabus, List<Lesson> before, CoursePlan.Planned planned) {
        boolean missed =
                planned.number() < before.size() && before.get(planned.number()).missed();
        String minutes = planned.settled() ? "" : Words.of("lessons.min_3", (planned.load() + 59) / 60);
        return (missed ? Words.of("lessons.missed") : named(syllabus, planned.units())) + minutes;
    }

    private static String named(Syllabus syllabus, List<Integer> units) {
        return units.isEmpty()
                ? Words.of("lessons.nothing_new")
                : Words.row(units.stream()
                        .map(unit -> syllabus.units().get(unit).name())
                        .toList());
    }
}
