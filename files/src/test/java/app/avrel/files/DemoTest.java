package app.avrel.files;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.avrel.body.Body;
import app.avrel.floor.Turn;
import app.avrel.form.Comparison;
import app.avrel.form.Form;
import app.avrel.form.Groups;
import app.avrel.form.Occurrence;
import app.avrel.form.Track;
import app.avrel.form.hall.HallPlan;
import app.avrel.house.HouseRules;
import app.avrel.label.Language;
import app.avrel.lesson.Lesson;
import app.avrel.lesson.LessonPlan;
import app.avrel.lesson.course.Course;
import app.avrel.lesson.log.WatchFor;
import app.avrel.posture.Posture;
import app.avrel.project.Analysis;
import app.avrel.project.LessonEdits;
import app.avrel.project.Lessons;
import app.avrel.project.Project;
import app.avrel.project.Setting;
import app.avrel.rules.Finding;
import app.avrel.rules.RuleId;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class DemoTest {

    private static final Project DEMO = Demo.project();
    private static final Analysis SURVEY = Analysis.of(DEMO);

    @Test
    void exactlyTheTwoFlawsLeftOnPurposeAreFound() {
        assertThat(SURVEY.serious())
                .extracting(Finding::rule)
                .containsExactlyInAnyOrder(RuleId.CLAIMED_WEIGHT, RuleId.OPEN_JOIN);
    }

    @ParameterizedTest
    @ValueSource(doubles = {1.52, 1.64, 1.78, 1.91})
    void theyAreTheSameForEveryBody(double stature) {
        Setting setting = DEMO.setting().withBodies(List.of(Body.ofStature(stature)), 0);
        assertThat(Analysis.of(DEMO.withSetting(setting)).serious()).hasSize(2);
    }

    @Test
    void theFirstPartOfTheFormIsThereWithAtLeastThirtyCounts() {
        Form form = DEMO.forms().getFirst();
        assertThat(form.entries()).hasSizeGreaterThanOrEqualTo(8);
        int recorded = DEMO.postures().stream()
                        .mapToInt(posture -> posture.counts().size())
                        .sum()
                + DEMO.links().values().stream()
                        .mapToInt(link -> link.counts().size())
                        .sum();
        assertThat(recorded).isGreaterThanOrEqualTo(30);
        assertThat(form.entries()).allMatch(entry -> entry.facing().isPresent());
    }

    @Test
    void everyFacingIsWhereTheFormSaysAndItEndsAtTheFront() {
        Track track = SURVEY.track(DEMO.forms().getFirst().id()).orElseThrow();
        List<String> facings = track.occurrences().stream()
                .map(done -> DEMO.setting().directions().say(done.end().facing()))
                .toList();
        assertThat(facings)
                .startsWith("12", "1:30", "3", "3", "12", "12", "10:30", "10:30", "10:30", "12", "8:20", "9", "9", "9")
                .endsWith("2", "3", "3", "12", "12", "12", "1:30", "12", "12", "12");
        assertThat(track.netTurn().degrees()).isZero();
        assertThat(track.placed()).isTrue();
    }

    @Test
    void theWholeFormReturnsToWhereItBegan() {
        Form form = DEMO.forms().getFirst();
        Track track = SURVEY.track(form.id()).orElseThrow();
        assertThat(track.offset().length()).isLessThan(0.5);
        assertThat(form.parts()).hasSize(3);
        assertThat(DEMO.numbering(form).used(form)).containsExactly(10, 8, 9);
        assertThat(Groups.of(form))
                .singleElement()
                .satisfies(group -> assertThat(group.size()).isEqualTo(3));
    }

    @Test
    void theShortFormIsDoneByOtherHouseRulesAndFitsTheHall() {
        Form shorter = DEMO.forms().get(1);
        assertThat(shorter.rules()).contains(HouseRules.COMPACT_FRAME);
        assertThat(shorter.occurrences()).isEqualTo(13);
        Track track = SURVEY.track(shorter.id()).orElseThrow();
        HallPlan plan = HallPlan.of(
                DEMO.halls().getFirst(), shorter, track, DEMO.setting().chosenBody(), Turn.NONE);
        assertThat(plan.fits()).isTrue();
        assertThat(plan.learners()).isNotEmpty();
    }

    @Test
    void itsRepeatsDiffer() {
        Track track = SURVEY.track(DEMO.forms().getFirst().id()).orElseThrow();
        List<Occurrence> gates = track.occurrences().stream()
                .filter(done -> done.posture().name().equals("Lean on the Gate"))
                .toList();
        assertThat(gates).hasSize(3);
        assertThat(Comparison.of(gates.get(1), gates.get(2)).alike()).isFalse();
    }

    @Test
    void everyPostureHasItsNameInThreeLanguagesAndRomanised() {
        for (Posture posture : DEMO.postures()) {
            assertThat(posture.name(Language.ENGLISH)).isPresent();
            assertThat(posture.name(Language.SPANISH)).isPresent();
            assertThat(posture.name(Language.CHINESE).flatMap(name -> name.romanised()))
                    .isPresent();
        }
    }

    @Test
    void itsLessonsFitTheirMinutes() {
        Lessons lessons = new Lessons(SURVEY, Language.ENGLISH);
        assertThat(DEMO.lessons()).hasSize(12);
        for (var lesson : DEMO.lessons()) {
            LessonPlan plan = lessons.plan(lesson);
            assertThat(lesson.minutes()).isEqualTo(50);
            assertThat(plan.minutesLeft()).as(lesson.title()).isBetween(0.0, 12.0);
            assertThat(plan.timeline().getLast().end()).isCloseTo(plan.seconds(), within(1e-6));
        }
    }

    @Test
    void itsCourseIsFiveLessonsInOneOfThemMissedAndTheRestPlannedAnew() {
        Course course = DEMO.courses().getFirst();
        Lessons lessons = new Lessons(SURVEY, Language.ENGLISH);
        List<Lesson> all = DEMO.lessonsOf(course.id());
        assertThat(all.stream().filter(lesson -> lesson.log().isPresent())).hasSize(5);
        assertThat(all.stream().filter(Lesson::missed)).hasSize(1);
        assertThat(lessons.plan(course).fits()).isTrue();
        assertThat(LessonEdits.replanned(lessons, course.id())).isEqualTo(DEMO);
        assertThat(WatchFor.open(all)).isNotEmpty();
        assertThat(lessons.review(all.getLast()).due()).isNotEmpty();
    }
}
