package app.avrel.lesson.course;

import static app.avrel.lesson.LessonSamples.COURSE;
import static app.avrel.lesson.LessonSamples.FORM;
import static app.avrel.lesson.LessonSamples.SWEEP;
import static app.avrel.lesson.LessonSamples.lesson;
import static app.avrel.lesson.LessonSamples.syllabus;
import static app.avrel.lesson.LessonSamples.track;
import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.form.EntryId;
import app.avrel.form.Played;
import app.avrel.lesson.Lesson;
import app.avrel.lesson.LessonSamples;
import app.avrel.lesson.log.LessonLog;
import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;

/** A form spread over the lessons of a course. */
class CoursePlanTest {

    private static CoursePlan plan(Course course, Lesson... made) {
        return CoursePlan.of(course, FORM, track(FORM), List.of(made));
    }

    private static List<List<Integer>> units(CoursePlan plan) {
        return plan.lessons().stream().map(CoursePlan.Planned::units).toList();
    }

    private static Lesson taught(String id, String... brings) {
        return lesson(id, brings).withLog(java.util.Optional.of(LessonLog.begun(LocalDate.of(2026, 1, 8))));
    }

    @Test
    void whatIsNewTakesMostAnOtherSideLessAndARepeatLeast() {
        Syllabus syllabus = syllabus();
        assertThat(syllabus.units())
                .extracting(unit -> unit.effort().why())
                .containsExactly(Effort.Why.NEW, Effort.Why.NEW, Effort.Why.OTHER_SIDE, Effort.Why.NEW);
        assertThat(syllabus.teaching(2, 3)).isEqualTo(Math.round(syllabus.teaching(1, 2) * 0.5f));
        var again = FORM.insertAfter(3, LessonSamples.entry("5", SWEEP, Played.AS_RECORDED));
        Syllabus longer = Syllabus.of(again, track(again), COURSE);
        assertThat(longer.units().getLast().effort().why()).isEqualTo(Effort.Why.KNOWN);
        assertThat(longer.teaching(4, 5)).isLessThan(longer.teaching(1, 2) / 5);
    }

    @Test
    void aPostureLikeAKnownOneCostsItsDifferencesOnly() {
        var open = LessonSamples.OPEN;
        var nearly = open.withId(new app.avrel.posture.PostureId("Nearly"))
                .withCounts(List.of(
                        open.counts().get(0),
                        open.counts().get(1),
                        LessonSamples.SWEEP.counts().get(1)));
        var form = FORM.insertAfter(0, LessonSamples.entry("5", nearly, Played.AS_RECORDED));
        Effort effort =
                Syllabus.of(form, track(form, nearly), COURSE).units().get(1).effort();
        assertThat(effort.why()).isEqualTo(Effort.Why.LIKE);
        assertThat(effort.like()).isEqualTo("Open");
        assertThat(effort.novelty()).isBetween(0.15, 0.5);
    }

    @Test
    void aSlowerPaceTakesLonger() {
        Syllabus slow = Syllabus.of(FORM, track(FORM), COURSE.withPace(0.5));
        assertThat(slow.units().getFirst().effort().plain())
                .isEqualTo(2 * syllabus().units().getFirst().effort().plain());
    }

    @Test
    void theRecapGrowsSlowly() {
        Syllabus syllabus = syllabus();
        assertThat(syllabus.recap(0)).isZero();
        for (int known = 1; known < syllabus.units().size(); known++) {
            assertThat(syllabus.recap(known + 1)).isGreaterThan(syllabus.recap(known));
        }
    }

    @Test
    void everythingIsTaughtOnceAndInOrderAndTheSidesOfAPostureTogether() {
        CoursePlan plan = plan(COURSE.withLessons(3));
        assertThat(plan.fits()).isTrue();
        assertThat(units(plan).stream().flatMap(List::stream)).containsExactly(0, 1, 2, 3);
        assertThat(units(plan)).contains(List.of(1, 2));
        assertThat(plan.parted()).isZero();
        assertThat(plan.lessons())
                .extracting(CoursePlan.Planned::date)
                .containsExactlyElementsOf(COURSE.withLessons(3).dates());
    }

    @Test
    void whereItDoesNotFitTheLeastThatHelpsIsSaidAndHelps() {
        Course tight = COURSE.withLessons(2).withMinutes(18);
        CoursePlan plan = plan(tight);
        assertThat(plan.fits()).isFalse();
        assertThat(plan.help()).isNotEmpty();
        for (CoursePlan.Help help : plan.help()) {
            Course helped = switch (help) {
                case CoursePlan.Help.Minutes(int more) -> tight.withMinutes(18 + more);
                case CoursePlan.Help.Lessons(int more) -> tight.withLessons(2 + more);
                case CoursePlan.Help.Pace(double pace) -> tight.withPace(pace);
            };
            Course less = switch (help) {
                case CoursePlan.Help.Minutes(int more) -> tight.withMinutes(18 + more - 1);
                case CoursePlan.Help.Lessons(int more) -> tight.withLessons(2 + more - 1);
                case CoursePlan.Help.Pace(double pace) -> tight.withPace(pace - 0.05);
            };
            assertThat(plan(helped).fits()).as("%s", help).isTrue();
            assertThat(plan(less).fits()).as("less than %s", help).isFalse();
        }
    }

    @Test
    void whatWasTaughtStaysAndWhatWasMissedComesAgain() {
        Lesson missed =
                lesson("b", "2", "3").withLog(java.util.Optional.of(LessonLog.missed(LocalDate.of(2026, 1, 15))));
        CoursePlan plan = plan(COURSE.withLessons(4), taught("a", "1"), missed);
        assertThat(units(plan).getFirst()).containsExactly(0);
        assertThat(units(plan).get(1)).isEmpty();
        assertThat(units(plan).stream().skip(2).flatMap(List::stream)).containsExactly(1, 2, 3);
        assertThat(plan.lessons()).extracting(CoursePlan.Planned::settled).containsExactly(true, true, false, false);
    }

    @Test
    void whatWasLeftOverComesAgainEvenAfterLaterOnes() {
        Lesson overrun = taught("a", "1", "2", "4");
        Lesson logged = overrun.withLog(overrun.log().map(log -> log.withLeft(List.of(new EntryId("2")))));
        CoursePlan plan = plan(COURSE.withLessons(3), logged);
        assertThat(units(plan).getFirst()).containsExactly(0, 3);
        assertThat(units(plan).stream().skip(1).flatMap(List::stream)).containsExactly(1, 2);
    }

    @Test
    void aPinnedLessonStaysAsItIs() {
        Lesson[] made = {lesson("a"), lesson("b", "4").withPinned(true), lesson("c")};
        assertThat(units(plan(COURSE.withLessons(3), made)).get(1)).containsExactly(3);
        Lesson[] all = {lesson("a", "1", "2", "3").withPinned(true), lesson("b"), lesson("c")};
        assertThat(units(plan(COURSE.withLessons(3), all)).getFirst()).containsExactly(0, 1, 2);
    }

    @Test
    void aPlanSaysWhyAUnitIsWhereItIs() {
        Syllabus syllabus = syllabus();
        CoursePlan plan = CoursePlan.of(COURSE.withLessons(3), syllabus, List.of());
        Explaining explaining = new Explaining(plan, syllabus);
        assertThat(explaining.why(2))
                .first()
                .asString()
                .isEqualTo("Sweep, left takes 2 min: the other side of what is known.");
        assertThat(explaining.why(2)).contains("It stays with Sweep, right: they belong together.");
        assertThat(explaining.why(3)).anyMatch(line -> line.startsWith("In lesson 2 it would "));
    }

    @Test
    void whatAnotherChoiceWouldChangeIsSaid() {
        List<WhatIf> others = WhatIf.of(COURSE.withLessons(3), FORM, track(FORM), List.of());
        assertThat(others)
                .extracting(WhatIf::what)
                .containsExactly("10 minutes more", "One lesson fewer", "A slower pace");
        assertThat(others.get(1).plan().lessons()).hasSize(2);
        assertThat(others.get(2).plan().worst())
                .isGreaterThan(others.get(0).plan().worst());
        assertThat(others).allMatch(other -> other.sentence().startsWith(other.what() + ": "));
    }
}
