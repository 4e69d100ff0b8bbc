package app.avrel.desktop.lessons;

import app.avrel.desktop.session.Choice;
import app.avrel.desktop.session.Desk;
import app.avrel.desktop.session.Session;
import app.avrel.desktop.words.Words;
import app.avrel.form.EntryId;
import app.avrel.form.Form;
import app.avrel.lesson.Lesson;
import app.avrel.lesson.LessonId;
import app.avrel.lesson.Segment;
import app.avrel.lesson.SegmentKind;
import app.avrel.lesson.Showing;
import app.avrel.lesson.Stretch;
import app.avrel.lesson.course.Course;
import app.avrel.lesson.course.CourseId;
import app.avrel.lesson.course.Syllabus;
import app.avrel.lesson.make.Recipe;
import app.avrel.lesson.make.RecipeOf;
import app.avrel.project.Edit;
import app.avrel.project.LessonEdits;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.stream.IntStream;

/** What can be done in the lessons room: edits by name, each with what is chosen after it. */
final class LessonActions {

    private final Session session;

    LessonActions(Session session) {
        this.session = session;
    }

    private Optional<Lesson> lesson() {
        return session.desk().get().lesson();
    }

    private Choice choice() {
        return session.choice();
    }

    /** A lesson more, made over what comes next. */
    void addLesson() {
        Desk desk = session.desk().get();
        Optional<CourseId> course = lesson().flatMap(Lesson::course);
        long already = course.map(id -> desk.project().lessonsOf(id).size())
                .orElse(desk.project().lessons().size());
        session.apply(
                Edit.of(
                        Words.of("lessons.add_lesson"),
                        project -> LessonEdits.added(
                                session.lessons(project),
                                course,
                                desk.form().id(),
                                Words.of("lessons.lesson_2", already + 1))),
                choice().withLesson(desk.project().lessons().size()));
    }

    void deleteLesson() {
        lesson().ifPresent(lesson -> session.apply(
                Edit.of(Words.of("lessons.delete_lesson_2"), project -> LessonEdits.deleted(project, lesson.id()))));
    }

    void change(String field, UnaryOperator<Lesson> edit) {
        lesson().ifPresent(lesson -> session.apply(Edit.running(
                Words.of("lessons.change_lesson"),
                "lesson/" + lesson.id() + "/" + field,
                project -> project.changeLesson(lesson.id(), edit))));
    }

    void changeSegment(String field, UnaryOperator<Segment> edit) {
        int segment = choice().segment();
        lesson().ifPresent(lesson -> session.apply(Edit.running(
                Words.of("lessons.change_segment"),
                "lesson/" + lesson.id() + "/" + segment + "/" + field,
                project -> project.changeLesson(lesson.id(), one -> one.change(segment, edit)))));
    }

    private void step(String name, UnaryOperator<Lesson> edit, int then) {
        lesson().ifPresent(lesson -> session.apply(
                Edit.of(name, project -> project.changeLesson(lesson.id(), edit)), choice().withSegment(then)));
    }

    /** A segment after the chosen one, about the same stretch where there is one. */
    void add(SegmentKind kind) {
        int at = choice().segment() + 1;
        step(Words.of("lessons.add_segment"), lesson -> lesson.insert(at, fresh(kind, lesson)), at);
    }

    private Segment fresh(SegmentKind kind, Lesson lesson) {
        Form form = session.lessons().form(lesson);
        boolean around = kind.tone() == SegmentKind.Tone.ROUND_ABOUT && kind != SegmentKind.HOME;
        if (around || form.entries().isEmpty()) {
            return Segment.free(kind, "", "", 180);
        }
        Optional<Stretch> near = lesson.segments().stream()
                .skip(Math.max(0, choice().segment()))
                .flatMap(segment -> segment.stretch().stream())
                .findFirst();
        EntryId first = lesson.brings().isEmpty()
                ? form.entries().getFirst().id()
                : lesson.brings().getFirst();
        return Segment.of(kind, near.orElse(Stretch.of(first, first)), showing(kind))
                .withSecondsPerBeat(session.lessons().secondsPerBeat(lesson));
    }

    private static Showing showing(SegmentKind kind) {
        return switch (kind) {
            case NEW -> Showing.EXPLAINED;
            case OTHER_SIDE -> Showing.GUIDED;
            case WATCH -> Showing.WATCHED;
            case REVIEW, JOINING, RUN_THROUGH -> Showing.CALLED;
            case ARRIVAL, DRILL, LIST, START, DIFFERENCE, CHECK, MISTAKES, QUESTIONS, HOME, PREVIEW, OTHER ->
                Showing.SAID;
        };
    }

    void move(int by) {
        move(choice().segment(), choice().segment() + by);
    }

    void move(int from, int to) {
        lesson().filter(lesson -> from >= 0 && to >= 0 && to < lesson.segments().size() && from != to)
                .ifPresent(_ -> step(Words.of("lessons.move_segment"), lesson -> lesson.move(from, to), to));
    }

    void split() {
        int at = choice().segment();
        step(Words.of("lessons.split_segment"), lesson -> lesson.split(at), at);
    }

    void deleteSegment() {
        int at = choice().segment();
        if (at >= 0) {
            step(Words.of("lessons.delete_segment"), lesson -> lesson.delete(at), at);
        }
    }

    /** A segment done more or less often, or longer or shorter, as its end is dragged. */
    void stretch(int segment, double share) {
        step(
                Words.of("lessons.stretch_segment"),
                lesson -> lesson.change(segment, one -> stretched(one, share)),
                segment);
    }

    private static Segment stretched(Segment segment, double share) {
        return segment.stretch().isPresent()
                ? segment.times((int) Math.round(segment.repetitions() * share))
                : segment.withPauseSeconds(Math.clamp(Math.round(segment.pauseSeconds() * share / 30) * 30, 0, 3600));
    }

    /** What does not fit goes, what is spared first first. */
    void cut(List<Integer> segments) {
        step(
                Words.of("lessons.cut_does_not"),
                lesson ->
                        lesson.withSegments(IntStream.range(0, lesson.segments().size())
                                .filter(i -> !segments.contains(i))
                                .mapToObj(lesson.segments()::get)
                                .toList()),
                0);
    }

    void make(LessonId id, List<Integer> fresh, Recipe recipe) {
        session.apply(
                Edit.of(
                        Words.of("lessons.make_lesson"),
                        project -> LessonEdits.made(session.lessons(project), id, fresh, recipe)),
                choice().withSegment(0));
    }

    /** Reviews what is due, as far as the lesson's minutes allow. */
    void review() {
        lesson().ifPresent(lesson -> {
            session.apply(Edit.of(
                    Words.of("lessons.review_due"),
                    project -> LessonEdits.reviewed(session.lessons(project), lesson.id())));
        });
    }

    void deleteRecipe(String name) {
        session.apply(Edit.of(Words.of("lessons.delete_recipe"), project -> LessonEdits.withoutRecipe(project, name)));
    }

    void keepAsRecipe(String name) {
        lesson().ifPresent(lesson -> {
            Syllabus syllabus = session.lessons().syllabus(lesson);
            session.apply(Edit.of(
                    Words.of("lessons.keep_recipe"),
                    project -> LessonEdits.kept(project, RecipeOf.lesson(name, lesson, syllabus))));
        });
    }

    void pin() {
        change(Words.of("lessons.pinned_2"), lesson -> lesson.withPinned(!lesson.pinned()));
    }

    /** A course with its lessons, or one changed and planned anew, in one step to undo. */
    void keep(Course course, boolean fresh) {
        if (fresh) {
            session.apply(
                    Edit.of(
                            Words.of("lessons.add_course"),
                            project -> LessonEdits.course(session.lessons(project), course)),
                    choice().withLesson(session.project().lessons().size()));
        } else {
            session.apply(Edit.of(
                    Words.of("lessons.change_course_2"),
                    project -> LessonEdits.changed(session.lessons(project), course)));
        }
    }

    void replan(CourseId course) {
        session.apply(Edit.of(
                Words.of("lessons.re_plan_left"), project -> LessonEdits.replanned(session.lessons(project), course)));
    }

    void deleteCourse(CourseId course) {
        session.apply(
                Edit.of(Words.of("lessons.delete_course_2"), project -> LessonEdits.withoutCourse(project, course)));
    }

    /** The lesson before or after, of the same course. */
    void go(int by) {
        session.choose(choice().withLesson(Math.max(0, choice().lesson() + by)));
    }
}
