package app.avrel.project;

import app.avrel.form.EntryId;
import app.avrel.form.FormId;
import app.avrel.lesson.Lesson;
import app.avrel.lesson.LessonId;
import app.avrel.lesson.Segment;
import app.avrel.lesson.SegmentKind;
import app.avrel.lesson.Showing;
import app.avrel.lesson.Stretch;
import app.avrel.lesson.course.Course;
import app.avrel.lesson.course.CourseId;
import app.avrel.lesson.course.CoursePlan;
import app.avrel.lesson.course.Syllabus;
import app.avrel.lesson.log.LessonLog;
import app.avrel.lesson.make.LessonMaker;
import app.avrel.lesson.make.Recipe;
import app.avrel.lesson.make.Recipes;
import app.avrel.posture.PostureId;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.stream.IntStream;

/** What can be done with lessons and courses, each a change of the project. */
public final class LessonEdits {

    private static final int USUAL_MINUTES = 50;

    private LessonEdits() {}

    /** {@return the project with a lesson more, after those of its course, made over what comes next} */
    public static Project added(Lessons lessons, Optional<CourseId> course, FormId form, String title) {
        Project project = lessons.project();
        int minutes = course.flatMap(project::course).map(Course::minutes).orElse(USUAL_MINUTES);
        FormId taught = course.flatMap(project::course).map(Course::form).orElse(form);
        Lesson empty = Lesson.of(project.freshLessonId(), title, taught, minutes, List.of())
                .withCourse(course);
        List<Lesson> all = new ArrayList<>(project.lessons());
        all.add(empty);
        Lessons with = lessons.after(Analysis.of(project.withLessons(all)));
        int known = with.known(empty);
        List<Integer> fresh = known < with.syllabus(empty).units().size() ? List.of(known) : List.of();
        return made(with, empty.id(), fresh, recipe(with, empty));
    }

    private static Recipe recipe(Lessons lessons, Lesson lesson) {
        return Recipes.called(
                lessons.course(lesson).map(Course::recipe).orElse(""),
                lessons.project().recipes());
    }

    /** {@return the project with a lesson's segments made by a recipe over some units of its form} */
    public static Project made(Lessons lessons, LessonId id, List<Integer> fresh, Recipe recipe) {
        return lessons.project().changeLesson(id, lesson -> made(lessons, lesson, fresh, recipe));
    }

    private static Lesson made(Lessons lessons, Lesson lesson, List<Integer> fresh, Recipe recipe) {
        LessonMaker maker = new LessonMaker(
                lessons.timing(lesson),
                lessons.syllabus(lesson),
                lessons.secondsPerBeat(lesson),
                fresh,
                lessons.known(lesson));
        Lesson made = maker.make(lesson, recipe);
        return maker.title().isEmpty() ? made : made.withTitle(maker.title());
    }

    /** {@return the units of a lesson's form that have these entries} */
    public static List<Integer> units(Syllabus syllabus, List<EntryId> entries) {
        return IntStream.range(0, syllabus.units().size())
                .boxed()
                .filter(unit -> entries.contains(syllabus.units().get(unit).entry()))
                .toList();
    }

    /** {@return the project without a lesson} */
    public static Project deleted(Project project, LessonId id) {
        return project.withLessons(project.lessons().stream()
                .filter(lesson -> !lesson.id().equals(id))
                .toList());
    }

    /** {@return the project with a course, and its lessons planned and made} */
    public static Project course(Lessons lessons, Course course) {
        Project project = lessons.project();
        List<Course> courses = new ArrayList<>(project.courses());
        courses.add(course);
        return replanned(lessons.after(Analysis.of(project.withCourses(courses))), course.id());
    }

    /**
     * {@return the project with a course changed and planned anew}
     *
     * <p>Where it is taught otherwise (another form, pace, recipe or other factors) the segments of every lesson that is
     * neither logged nor pinned are made anew.
     */
    public static Project changed(Lessons lessons, Course course) {
        Project project = lessons.project();
        boolean otherwise = project.course(course.id())
                .filter(was -> !was.form().equals(course.form())
                        || was.pace() != course.pace()
                        || !was.recipe().equals(course.recipe())
                        || !was.factors().equals(course.factors()))
                .isPresent();
        Project with = project.changeCourse(course.id(), _ -> course);
        Project emptied = with.withLessons(with.lessons().stream()
                .map(lesson -> otherwise && lesson.course().equals(Optional.of(course.id())) && open(lesson)
                        ? lesson.withSegments(List.of())
                        : lesson)
                .toList());
        return replanned(lessons.after(Analysis.of(emptied)), course.id());
    }

    /** Whether a lesson may be made anew. */
    private static boolean open(Lesson lesson) {
        return lesson.log().isEmpty() && !lesson.pinned();
    }

    /** {@return the project without a course and its lessons} */
    public static Project withoutCourse(Project project, CourseId id) {
        return project.withCourses(project.courses().stream()
                        .filter(course -> !course.id().equals(id))
                        .toList())
                .withLessons(project.lessons().stream()
                        .filter(lesson -> !lesson.course().equals(Optional.of(id)))
                        .toList());
    }

    /**
     * {@return the project with what is left of a course planned anew}
     *
     * <p>A lesson that is logged or pinned, or brings already what the plan gives it, stays as it is; lessons the course
     * has no day for go, if nothing became of them.
     */
    public static Project replanned(Lessons lessons, CourseId id) {
        Project project = lessons.project();
        Optional<Course> course = project.course(id);
        if (course.isEmpty()) {
            return project;
        }
        CoursePlan plan = lessons.plan(course.get());
        Syllabus syllabus = lessons.syllabus(course.get());
        List<Lesson> before = project.lessonsOf(id);
        List<Lesson> planned = new ArrayList<>();
        Project growing = project;
        for (CoursePlan.Planned one : plan.lessons()) {
            Lesson lesson = one.number() < before.size()
                    ? before.get(one.number())
                    : empty(growing, course.get(), one.number());
            growing = growing.withLessons(append(growing.lessons(), lesson));
            planned.add(as(lessons, course.get(), syllabus, lesson, one));
        }
        before.stream()
                .skip(plan.lessons().size())
                .filter(lesson -> lesson.log().isPresent())
                .forEach(planned::add);
        return withLessonsOf(project, id, planned);
    }

    private static List<Lesson> append(List<Lesson> all, Lesson lesson) {
        if (all.stream().anyMatch(one -> one.id().equals(lesson.id()))) {
            return all;
        }
        List<Lesson> more = new ArrayList<>(all);
        more.add(lesson);
        return more;
    }

    private static Lesson empty(Project project, Course course, int number) {
        return Lesson.of(project.freshLessonId(), "Lesson " + (number + 1), course.form(), course.minutes(), List.of())
                .withCourse(Optional.of(course.id()));
    }

    private static Lesson as(
            Lessons lessons, Course course, Syllabus syllabus, Lesson lesson, CoursePlan.Planned planned) {
        List<EntryId> brings = planned.units().stream()
                .map(unit -> syllabus.units().get(unit).entry())
                .toList();
        boolean stays = lesson.log().isPresent()
                || lesson.pinned()
                || !lesson.segments().isEmpty()
                        && lesson.brings().equals(brings)
                        && lesson.minutes() == course.minutes();
        if (stays) {
            return lesson;
        }
        int known = planned.units().isEmpty()
                ? known(planned, lessons, course)
                : planned.units().getFirst();
        Lesson timed = lesson.withMinutes(course.minutes()).withForm(course.form());
        LessonMaker maker =
                new LessonMaker(lessons.timing(timed), syllabus, course.secondsPerBeat(), planned.units(), known);
        Lesson made = maker.make(
                timed, Recipes.called(course.recipe(), lessons.project().recipes()));
        return made.withTitle(maker.title().isEmpty() ? "Whole form" : maker.title());
    }

    /** How much is known in a lesson in which nothing is new. */
    private static int known(CoursePlan.Planned planned, Lessons lessons, Course course) {
        return lessons.plan(course).lessons().stream()
                        .filter(one -> one.number() < planned.number())
                        .flatMap(one -> one.units().stream())
                        .mapToInt(unit -> unit)
                        .max()
                        .orElse(-1)
                + 1;
    }

    /** The lessons of a course in place of those it had, where the first of them stood. */
    private static Project withLessonsOf(Project project, CourseId id, List<Lesson> lessons) {
        List<Lesson> all = new ArrayList<>();
        boolean placed = false;
        for (Lesson lesson : project.lessons()) {
            boolean own = lesson.course().equals(Optional.of(id));
            if (own && !placed) {
                all.addAll(lessons);
                placed = true;
            }
            if (!own) {
                all.add(lesson);
            }
        }
        if (!placed) {
            all.addAll(lessons);
        }
        return project.withLessons(all);
    }

    /** {@return the postures that are due and find room in what a lesson has free, the longest overdue first} */
    public static List<PostureId> due(Lessons lessons, Lesson lesson) {
        double free = Math.max(0, lessons.plan(lesson).minutesLeft() * 60);
        return lessons.review(lesson)
                .proposed(
                        lessons.timing(lesson).teaching().done().track(),
                        lessons.secondsPerBeat(lesson),
                        lessons.factors(lesson).reviewTimes(),
                        free);
    }

    /** {@return the project with what is due reviewed in a lesson, after what is reviewed there already} */
    public static Project reviewed(Lessons lessons, LessonId id) {
        return lessons.project().changeLesson(id, lesson -> {
            Lesson more = lesson;
            for (PostureId posture : due(lessons, lesson)) {
                more = more.insert(afterReviews(more), review(lessons, lesson, posture));
            }
            return more;
        });
    }

    private static int afterReviews(Lesson lesson) {
        return IntStream.range(0, lesson.segments().size())
                        .filter(i -> lesson.segments().get(i).kind() == SegmentKind.REVIEW
                                || lesson.segments().get(i).kind() == SegmentKind.LIST
                                || lesson.segments().get(i).kind() == SegmentKind.ARRIVAL)
                        .max()
                        .orElse(-1)
                + 1;
    }

    private static Segment review(Lessons lessons, Lesson lesson, PostureId posture) {
        EntryId entry = lessons.form(lesson).entries().stream()
                .filter(one -> one.posture().equals(posture))
                .findFirst()
                .orElseThrow()
                .id();
        return Segment.of(SegmentKind.REVIEW, Stretch.of(entry, entry), Showing.CALLED)
                .withSecondsPerBeat(lessons.secondsPerBeat(lesson))
                .times(lessons.factors(lesson).reviewTimes());
    }

    /** {@return the project without a recipe of its own} */
    public static Project withoutRecipe(Project project, String name) {
        return project.withRecipes(project.recipes().stream()
                .filter(one -> !one.name().equals(name))
                .toList());
    }

    /** {@return the project with something done to a lesson's log, which begins on a day if there is none} */
    public static Project logged(Project project, LessonId id, LocalDate day, UnaryOperator<LessonLog> edit) {
        return project.changeLesson(
                id,
                lesson -> lesson.withLog(Optional.of(edit.apply(lesson.log().orElseGet(() -> LessonLog.begun(day))))));
    }

    /** {@return the project with the log of a lesson thrown away} */
    public static Project unlogged(Project project, LessonId id) {
        return project.changeLesson(id, lesson -> lesson.withLog(Optional.empty()));
    }

    /** {@return the project with a recipe kept; one of the same name is replaced} */
    public static Project kept(Project project, Recipe recipe) {
        List<Recipe> recipes = new ArrayList<>(project.recipes().stream()
                .filter(one -> !one.name().equals(recipe.name()))
                .toList());
        recipes.add(recipe);
        return project.withRecipes(recipes);
    }
}
