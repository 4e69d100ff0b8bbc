package app.avrel.project;

import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.form.EntryId;
import app.avrel.form.Form;
import app.avrel.form.FormId;
import app.avrel.label.Language;
import app.avrel.lesson.Lesson;
import app.avrel.lesson.LessonId;
import app.avrel.lesson.LessonPlan;
import app.avrel.lesson.SegmentKind;
import app.avrel.lesson.Span;
import app.avrel.lesson.course.Course;
import app.avrel.lesson.course.CourseId;
import app.avrel.lesson.course.CoursePlan;
import app.avrel.lesson.log.LessonLog;
import app.avrel.lesson.make.Recipe;
import app.avrel.lesson.make.Recipes;
import app.avrel.samples.SampleProjects;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;

/** What can be done with lessons and courses, over projects made up at random. */
class LessonEditsTest {

    private static final LocalDate DAY = LocalDate.of(2026, 1, 8);
    private static final CourseId NEW = new CourseId("fresh");

    private static Lessons lessons(Project project) {
        return new Lessons(Analysis.of(project), Language.ENGLISH);
    }

    private static Project sample(RepetitionInfo repetition) {
        return SampleProjects.of(repetition.getCurrentRepetition(), 8)
                .withLessons(List.of())
                .withCourses(List.of());
    }

    private static Course course(Project project) {
        return Course.of(NEW, "Mornings", project.forms().getFirst().id(), DAY)
                .withLessons(6)
                .withMinutes(90);
    }

    private static Project planned(RepetitionInfo repetition) {
        Project project = sample(repetition);
        return LessonEdits.course(lessons(project), course(project));
    }

    private static Project logged(Project project, int lesson, boolean taught) {
        LessonId id = project.lessonsOf(NEW).get(lesson).id();
        return LessonEdits.logged(project, id, DAY.plusWeeks(lesson), log -> log.withTaught(taught));
    }

    private static List<EntryId> brought(Project project) {
        return project.lessonsOf(NEW).stream()
                .filter(lesson -> !lesson.missed())
                .flatMap(lesson -> lesson.brings().stream())
                .toList();
    }

    private static List<EntryId> entries(Project project) {
        return lessons(project).syllabus(project.course(NEW).orElseThrow()).units().stream()
                .map(unit -> unit.entry())
                .toList();
    }

    @RepeatedTest(12)
    void aCourseBringsEveryEntryOnceInTheOrderOfTheForm(RepetitionInfo repetition) {
        Project project = planned(repetition);
        assertThat(project.lessonsOf(NEW)).hasSize(6);
        assertThat(brought(project)).containsExactlyElementsOf(entries(project));
    }

    @RepeatedTest(12)
    void planningAgainChangesNothing(RepetitionInfo repetition) {
        Project project = planned(repetition);
        assertThat(LessonEdits.replanned(lessons(project), NEW)).isEqualTo(project);
    }

    @RepeatedTest(12)
    void everyLessonThatIsMadeFitsItsMinutesWhereThePlanDoes(RepetitionInfo repetition) {
        Project project = planned(repetition);
        Lessons lessons = lessons(project);
        CoursePlan plan = lessons.plan(project.course(NEW).orElseThrow());
        for (CoursePlan.Planned planned : plan.lessons()) {
            Lesson lesson = project.lessonsOf(NEW).get(planned.number());
            if (planned.over() == 0) {
                assertThat(lessons.plan(lesson).minutesLeft())
                        .as(lesson.title())
                        .isGreaterThan(-5);
            }
        }
    }

    @RepeatedTest(12)
    void whatIsPredictedIsWhatIsPlayed(RepetitionInfo repetition) {
        Project project = planned(repetition);
        Lessons lessons = lessons(project);
        for (Lesson lesson : project.lessons()) {
            LessonPlan plan = lessons.plan(lesson);
            double end = plan.timeline().stream().mapToDouble(Span::seconds).sum();
            assertThat(Math.round(end)).isEqualTo(Math.round(plan.seconds()));
            for (int segment = 0; segment < plan.segments().size(); segment++) {
                int at = segment;
                double played = plan.timeline().stream()
                        .filter(span -> span.segment() == at)
                        .mapToDouble(Span::seconds)
                        .sum();
                assertThat(Math.round(played))
                        .isEqualTo(Math.round(plan.segments().get(segment).seconds()));
            }
        }
    }

    @RepeatedTest(12)
    void aMissedLessonIsTaughtLaterAndWhatWasTaughtStays(RepetitionInfo repetition) {
        Project first = logged(planned(repetition), 0, true);
        Project second = logged(first, 1, false);
        Project again = LessonEdits.replanned(lessons(second), NEW);
        assertThat(again.lessonsOf(NEW).subList(0, 2))
                .isEqualTo(second.lessonsOf(NEW).subList(0, 2));
        assertThat(brought(again)).containsExactlyElementsOf(entries(again));
    }

    @RepeatedTest(12)
    void whatWasLeftOverComesAgain(RepetitionInfo repetition) {
        Project project = planned(repetition);
        Lesson first = project.lessonsOf(NEW).stream()
                .filter(lesson -> !lesson.brings().isEmpty())
                .findFirst()
                .orElseThrow();
        int at = project.lessonsOf(NEW).indexOf(first);
        EntryId left = first.brings().getLast();
        Project taught = project;
        for (int i = 0; i <= at; i++) {
            taught = logged(taught, i, true);
        }
        Project over = LessonEdits.logged(taught, first.id(), DAY, log -> log.withLeft(List.of(left)));
        Project again = LessonEdits.replanned(lessons(over), NEW);
        assertThat(again.lessonsOf(NEW).stream().skip(at + 1L).flatMap(lesson -> lesson.brings().stream()))
                .contains(left);
    }

    @RepeatedTest(8)
    void aPinnedLessonIsLeftAsItIs(RepetitionInfo repetition) {
        Project project = planned(repetition);
        Lesson third = project.lessonsOf(NEW).get(2);
        Project pinned = project.changeLesson(
                third.id(),
                lesson -> lesson.withPinned(true).withTitle("As it is").withMinutes(45));
        Project fewer = pinned.changeCourse(NEW, course -> course.withLessons(5).withMinutes(120));
        Project again = LessonEdits.replanned(lessons(fewer), NEW);
        assertThat(again.lesson(third.id()).orElseThrow())
                .isEqualTo(pinned.lesson(third.id()).orElseThrow());
    }

    @RepeatedTest(8)
    void aShorterCourseLosesOnlyLessonsOfWhichNothingBecame(RepetitionInfo repetition) {
        Project project = planned(repetition);
        Lesson last = project.lessonsOf(NEW).getLast();
        Project shorter = project.changeCourse(NEW, course -> course.withLessons(4));
        assertThat(LessonEdits.replanned(lessons(shorter), NEW).lessonsOf(NEW)).hasSize(4);
        Project kept = shorter.changeLesson(
                last.id(), lesson -> lesson.withLog(Optional.of(LessonLog.begun(DAY.plusWeeks(5)))));
        assertThat(LessonEdits.replanned(lessons(kept), NEW).lesson(last.id())).isPresent();
    }

    @RepeatedTest(8)
    void aNewLessonBringsWhatComesNextAndTheOneAfterTheLastNothing(RepetitionInfo repetition) {
        Project project = sample(repetition);
        Form form = project.forms().getFirst();
        List<EntryId> expected =
                lessons(LessonEdits.course(lessons(project), course(project)))
                        .syllabus(course(project))
                        .units()
                        .stream()
                        .map(unit -> unit.entry())
                        .toList();
        for (int i = 0; i < expected.size() + 1; i++) {
            project = LessonEdits.added(lessons(project), Optional.empty(), form.id(), "Lesson " + (i + 1));
        }
        assertThat(project.lessons().stream().flatMap(lesson -> lesson.brings().stream()))
                .containsExactlyElementsOf(expected);
        assertThat(project.lessons().getLast().brings()).isEmpty();
        assertThat(project.lessons().stream().map(Lesson::id)).doesNotHaveDuplicates();
    }

    @RepeatedTest(6)
    void whatIsRememberedAfterAnEditIsWhatWouldBeWorkedOutAnew(RepetitionInfo repetition) {
        Project project = planned(repetition);
        Analysis before = Analysis.of(project);
        Lessons known = new Lessons(before, Language.ENGLISH);
        project.lessons().forEach(known::plan);
        Project changed = project.changePosture(
                project.postures().getFirst().id(),
                posture -> posture.withCounts(posture.counts().stream()
                        .map(count -> count.withBeats(count.beats() + 1))
                        .toList()));
        Analysis after = before.after(changed);
        Lessons next = known.after(after);
        Lessons fresh = new Lessons(after, Language.ENGLISH);
        for (Lesson lesson : changed.lessons()) {
            assertThat(next.plan(lesson).segments())
                    .isEqualTo(fresh.plan(lesson).segments());
            assertThat(next.known(lesson)).isEqualTo(fresh.known(lesson));
        }
        Course course = changed.course(NEW).orElseThrow();
        assertThat(next.plan(course)).isEqualTo(fresh.plan(course));
    }

    @RepeatedTest(4)
    void anotherRecipeMakesTheOpenLessonsAnewAndNoOthers(RepetitionInfo repetition) {
        Project project = logged(planned(repetition), 0, true);
        Course course = project.course(NEW).orElseThrow();
        Project same = LessonEdits.changed(lessons(project), course.withName("Evenings"));
        assertThat(same.lessons()).isEqualTo(project.lessons());
        Project other = LessonEdits.changed(lessons(project), course.withRecipe("By numbers"));
        assertThat(other.lessonsOf(NEW).getFirst())
                .isEqualTo(project.lessonsOf(NEW).getFirst());
        assertThat(other.lessonsOf(NEW).get(1).segments())
                .isNotEmpty()
                .isNotEqualTo(project.lessonsOf(NEW).get(1).segments());
    }

    @Test
    void everyRecipeCanMakeEveryLessonOfACourse() {
        Project project = SampleProjects.of(3, 8).withLessons(List.of()).withCourses(List.of());
        for (Recipe recipe : Recipes.shipped()) {
            Course by = course(project).withRecipe(recipe.name());
            Project made = LessonEdits.course(lessons(project), by);
            assertThat(made.lessonsOf(NEW))
                    .as(recipe.name())
                    .allSatisfy(lesson -> assertThat(lesson.segments()).isNotEmpty());
        }
    }

    @Test
    void aRecipeIsKeptReplacedAndDeletedByItsName() {
        Project project = SampleProjects.of(3, 4).withRecipes(List.of());
        Recipe ours = new Recipe("Ours", "", List.of());
        Recipe newer = new Recipe("Ours", "newer", List.of());
        Project kept = LessonEdits.kept(LessonEdits.kept(project, ours), newer);
        assertThat(kept.recipes()).containsExactly(newer);
        assertThat(LessonEdits.withoutRecipe(kept, "Ours")).isEqualTo(project);
        assertThat(LessonEdits.withoutRecipe(kept, "Others")).isEqualTo(kept);
    }

    @Test
    void deletingACourseTakesItsLessonsWithItAndNoOthers() {
        Project project = SampleProjects.of(3, 8).withCourses(List.of());
        Project alone = project.withLessons(project.lessons().stream()
                .map(lesson -> lesson.withCourse(Optional.empty()))
                .toList());
        Project with = LessonEdits.course(lessons(alone), course(alone));
        assertThat(with.lessons()).hasSize(alone.lessons().size() + 6);
        assertThat(LessonEdits.withoutCourse(with, NEW)).isEqualTo(alone);
        assertThat(LessonEdits.deleted(with, with.lessons().getFirst().id()).lessons())
                .hasSize(with.lessons().size() - 1);
    }

    @Test
    void whatIsDueIsReviewedOnlyAsFarAsTheMinutesAllow() {
        Project project = SampleProjects.of(5, 8).withLessons(List.of()).withCourses(List.of());
        Project course = LessonEdits.course(lessons(project), course(project).withMinutes(200));
        Project taught = course;
        for (int i : IntStream.range(0, 3).toArray()) {
            taught = logged(taught, i, true);
        }
        Lesson fourth = taught.lessonsOf(NEW).get(3);
        Lessons lessons = lessons(taught);
        assertThat(LessonEdits.due(lessons, fourth.withMinutes(1))).isEmpty();
        Project reviewed = LessonEdits.reviewed(lessons, fourth.id());
        Lesson after = reviewed.lesson(fourth.id()).orElseThrow();
        long more = after.segments().stream()
                        .filter(one -> one.kind() == SegmentKind.REVIEW)
                        .count()
                - fourth.segments().stream()
                        .filter(one -> one.kind() == SegmentKind.REVIEW)
                        .count();
        assertThat(more).isEqualTo(LessonEdits.due(lessons, fourth).size());
    }

    @Test
    void aLogBeginsOnItsDayAndCanBeThrownAway() {
        Project project = LessonEdits.course(lessons(plain()), course(plain()));
        LessonId id = project.lessonsOf(NEW).getFirst().id();
        Project logged = LessonEdits.logged(project, id, DAY, log -> log.ticked(0, 60));
        assertThat(logged.lesson(id).orElseThrow().log().orElseThrow().date()).isEqualTo(DAY);
        Project later = LessonEdits.logged(logged, id, DAY.plusDays(9), log -> log.ticked(1, 60));
        assertThat(later.lesson(id).orElseThrow().log().orElseThrow().date()).isEqualTo(DAY);
        assertThat(LessonEdits.unlogged(later, id)).isEqualTo(project);
    }

    private static Project plain() {
        return SampleProjects.of(1, 6).withLessons(List.of()).withCourses(List.of());
    }

    @RepeatedTest(6)
    void aCourseWhoseFormIsGoneIsPlannedOverTheFirstOneAndSaysSo(RepetitionInfo repetition) {
        Project project = planned(repetition);
        Course astray = project.course(NEW).orElseThrow().withForm(new FormId("gone"));
        String first = project.forms().getFirst().name();

        assertThat(project.standsIn(project.course(NEW).orElseThrow().form())).isEmpty();
        assertThat(project.standsIn(astray.form()))
                .contains("The form of these lessons is no longer in the project; “" + first
                        + "” stands in for it. Choose a form in the course.");
        assertThat(lessons(project).syllabus(astray).units())
                .isEqualTo(lessons(project)
                        .syllabus(project.course(NEW).orElseThrow())
                        .units());
    }
}
