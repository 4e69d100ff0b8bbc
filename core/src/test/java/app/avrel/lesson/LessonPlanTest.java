package app.avrel.lesson;

import static app.avrel.lesson.LessonSamples.FORM;
import static app.avrel.lesson.LessonSamples.SWEEP;
import static app.avrel.lesson.LessonSamples.entry;
import static app.avrel.lesson.LessonSamples.lesson;
import static app.avrel.lesson.LessonSamples.stretch;
import static app.avrel.lesson.LessonSamples.teaching;
import static app.avrel.lesson.LessonSamples.track;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.avrel.cue.Cue;
import app.avrel.cue.SpeechTime;
import app.avrel.form.Played;
import app.avrel.label.Language;
import app.avrel.posture.Posture;
import app.avrel.posture.count.CueLevel;
import app.avrel.posture.teaching.Mistake;
import app.avrel.posture.teaching.PostureSheet;
import app.avrel.words.say.Layer;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** Where the minutes of a lesson go, and what is said in them. */
class LessonPlanTest {

    private static SegmentPlan plan(Segment segment) {
        return LessonPlan.of(lesson(segment), teaching()).segments().getFirst();
    }

    private static Segment run(SegmentKind kind, String first, String last, Showing showing) {
        return Segment.of(kind, stretch(first, last), showing);
    }

    @Test
    void aCalledRunTakesItsCountsAtItsTempoEveryTimeAndItsPauses() {
        SegmentPlan plan =
                plan(run(SegmentKind.REVIEW, "1", "3", Showing.CALLED).times(3).withPauseSeconds(20));
        assertThat(plan.moving()).isEqualTo((2 + 3 + 3) * 4.0 * 3);
        assertThat(plan.pausing()).isEqualTo(3 * 20.0);
        assertThat(plan.seconds()).isEqualTo(96 + 60);
    }

    @Test
    void anExplainedPassLastsAboutFivePlainRunsAndTheNextOnesAreShorter() {
        SegmentPlan plan =
                plan(run(SegmentKind.NEW, "2", "2", Showing.EXPLAINED).times(3));
        assertThat(plan.passes().getFirst().seconds()).isCloseTo(3 * 4 * 5.0, within(1e-9));
        assertThat(plan.passes().get(1).seconds()).isBetween(12.0, 25.0);
        assertThat(plan.passes())
                .extracting(Pass::level)
                .containsExactly(CueLevel.EXPLAIN, CueLevel.GUIDE, CueLevel.GUIDE);
    }

    @Test
    void aGuidedCountLastsAsLongAsItsWords() {
        LessonPlan quick = LessonPlan.of(
                lesson(run(SegmentKind.NEW, "2", "2", Showing.GUIDED).withSecondsPerBeat(0.5)), teaching());
        double spoken = SpeechTime.of(Language.ENGLISH)
                .seconds(quick.script(0, 0).cues().getFirst().words());
        assertThat(quick.script(0, 0).cues().getFirst().length()).isCloseTo(spoken + 0.5, within(1e-6));
        assertThat(quick.segments().getFirst().moving())
                .isCloseTo(quick.script(0, 0).seconds(), within(1e-9));
    }

    @Test
    void theTotalIsHeldAgainstTheLessonsMinutes() {
        LessonPlan plan = LessonPlan.of(
                lesson(Segment.free(SegmentKind.QUESTIONS, "", "", 40 * 60).withPauseSeconds(2400)), teaching());
        assertThat(plan.seconds()).isEqualTo(2400);
        assertThat(plan.minutesLeft()).isCloseTo(10, within(1e-9));
    }

    @Test
    void theListSoFarIsSaidAtTwoSecondsANameAndNobodyMoves() {
        SegmentPlan plan = plan(run(SegmentKind.LIST, "1", "4", Showing.SAID));
        assertThat(plan.opening()).isEqualTo("So far: Open; Sweep, right and left; Wheel, twice.");
        assertThat(plan.seconds()).isCloseTo(3 * 2.2, within(1e-9));
        assertThat(plan.moving()).isZero();
    }

    @ParameterizedTest
    @CsvSource({"SPANISH, 'Open; Sweep, derecha y izquierda; Wheel, dos veces'", "CHINESE, 'Open; Sweep，右、左; Wheel，两次'"
    })
    void theListIsFoldedInEveryLanguage(Language language, String list) {
        assertThat(String.join("; ", new SoFar(language).list(track(FORM).occurrences())))
                .isEqualTo(list);
    }

    @Test
    void sidesThatAlternateAreSaidInTheirOrder() {
        var form = FORM.change(1, entry -> entry.times(2)).insertAfter(2, entry("5", SWEEP, Played.AS_RECORDED));
        assertThat(SoFar.folded(track(form).occurrences()).get(1)).isEqualTo("Sweep, right, right, left, right");
    }

    @Test
    void aRunMayBeWatchedWithoutAWord() {
        LessonPlan plan = LessonPlan.of(lesson(run(SegmentKind.WATCH, "2", "2", Showing.WATCHED)), teaching());
        assertThat(plan.segments().getFirst().moving()).isEqualTo(12);
        assertThat(plan.script(0, 0).cues()).isEmpty();
        assertThat(plan.segments().getFirst().how()).isEqualTo("once, without words, from the right");
    }

    @Test
    void aRunMayBeSaidWithoutMoving() {
        LessonPlan plan = LessonPlan.of(
                lesson(run(SegmentKind.NEW, "2", "2", Showing.EXPLAINED.withDoing(Doing.UNMOVED))), teaching());
        assertThat(plan.segments().getFirst().moving())
                .isCloseTo(plan.script(0, 0).speaking(), within(1e-9))
                .isLessThan(12);
        assertThat(plan.timeline()).extracting(Span::kind).containsOnly(Span.Kind.SAYING);
    }

    @Test
    void onlySomeCountsOfAPostureMayBeDone() {
        Stretch two = stretch("2", "2").withCounts(Optional.of(new Stretch.Counts(1, 2)));
        LessonPlan plan = LessonPlan.of(lesson(Segment.of(SegmentKind.NEW, two, Showing.CALLED)), teaching());
        assertThat(plan.segments().getFirst().moving()).isEqualTo(8);
        assertThat(plan.segments().getFirst().title()).isEqualTo("New: Sweep, right, counts 2 to 3");
        assertThat(plan.script(0, 0).cues()).extracting(Cue::start).containsExactly(0.0, 4.0);
    }

    @Test
    void aRunMayBeginWithTheLastCountOfThePostureBefore() {
        Stretch led = stretch("2", "2").withFromLastCount(true);
        LessonPlan plan = LessonPlan.of(lesson(Segment.of(SegmentKind.JOINING, led, Showing.CALLED)), teaching());
        assertThat(plan.segments().getFirst().moving()).isEqualTo(4 * 4);
        assertThat(plan.segments().getFirst().title()).isEqualTo("Join: Sweep, right");
        Stretch none = stretch("1", "1").withFromLastCount(true);
        assertThat(plan(Segment.of(SegmentKind.JOINING, none, Showing.CALLED)).moving())
                .isEqualTo(8);
    }

    @Test
    void aRunMayBeDoneOnTheOtherSide() {
        Showing other = Showing.CALLED.withSide(Played.OTHER_SIDE);
        LessonPlan plan = LessonPlan.of(lesson(run(SegmentKind.NEW, "2", "2", other)), teaching());
        assertThat(plan.segments().getFirst().title()).isEqualTo("New: Sweep, left");
        assertThat(plan.script(0, 0).cues().getFirst().words()).contains("right");
        assertThat(plan(run(SegmentKind.NEW, "2", "2", Showing.CALLED)).title()).isEqualTo("New: Sweep, right");
    }

    @Test
    void theStartingPoseIsSaidInWords() {
        SegmentPlan plan = plan(run(SegmentKind.START, "2", "2", Showing.SAID));
        assertThat(plan.opening())
                .isEqualTo("Sweep, right: 2 of 4, after Open.\nYou stand: 60 % on the right, facing 12.");
        assertThat(plan(run(SegmentKind.START, "1", "1", Showing.SAID)).opening())
                .startsWith("Open: 1 of 4, the beginning.");
        assertThat(plan(run(SegmentKind.CHECK, "2", "2", Showing.SAID)).opening())
                .isEqualTo("It ends: 70 % on the right, facing 12.");
    }

    @Test
    void whatDiffersFromTheNearestPostureBeforeIsSaid() {
        assertThat(plan(run(SegmentKind.DIFFERENCE, "3", "3", Showing.SAID)).opening())
                .isEqualTo("Sweep, left is as the other side.");
        assertThat(plan(run(SegmentKind.DIFFERENCE, "1", "1", Showing.SAID)).opening())
                .isEmpty();
        assertThat(plan(run(SegmentKind.DIFFERENCE, "2", "2", Showing.SAID)).opening())
                .startsWith("Sweep, right is like Open but for: ");
    }

    @Test
    void mistakesAreSaidWithTheirCure() {
        Posture wrong = SWEEP.withSheet(PostureSheet.EMPTY.withMistakes(
                List.of(Mistake.BLANK.withLooksLike("the knee falls in").withPutRight("turn it out"))));
        LessonPlan plan =
                LessonPlan.of(lesson(run(SegmentKind.MISTAKES, "2", "2", Showing.SAID)), teaching(FORM, wrong));
        assertThat(plan.segments().getFirst().opening()).isEqualTo("Not so: the knee falls in. But: turn it out.");
    }

    @Test
    void aSegmentWhoseEntriesAreGoneSaysSoAndTakesNoTime() {
        SegmentPlan plan = plan(run(SegmentKind.RUN_THROUGH, "1", "gone", Showing.CALLED));
        assertThat(plan.title()).isEqualTo("Run through: its postures are no longer in the form");
        assertThat(plan.moving()).isZero();
    }

    @Test
    void aTitleSaysWhatIsDoneOfAPosture() {
        assertThat(plan(run(SegmentKind.NEW, "2", "2", Showing.EXPLAINED.withLayer(Layer.FEET))
                        .times(6)))
                .satisfies(plan -> assertThat(plan.title()).isEqualTo("Feet only: Sweep, right"))
                .satisfies(plan ->
                        assertThat(plan.how()).isEqualTo("6 times, feet only, explained, then guided, from behind"));
    }

    @Test
    void theTimelineAddsUpToWhatIsPredicted() {
        LessonPlan plan = LessonPlan.of(
                lesson(
                        Segment.free(SegmentKind.ARRIVAL, "", "Stand well.", 60),
                        run(SegmentKind.LIST, "1", "3", Showing.SAID),
                        run(SegmentKind.NEW, "2", "2", Showing.EXPLAINED)
                                .times(4)
                                .withPauseSeconds(15),
                        run(SegmentKind.RUN_THROUGH, "1", "4", Showing.CALLED).times(2)),
                teaching());
        List<Span> spans = plan.timeline();
        assertThat(spans.getLast().end()).isCloseTo(plan.seconds(), within(1e-6));
        for (int i = 1; i < spans.size(); i++) {
            assertThat(spans.get(i).start()).isCloseTo(spans.get(i - 1).end(), within(1e-6));
        }
        assertThat(plan.at(0).orElseThrow().kind()).isEqualTo(Span.Kind.SAYING);
        assertThat(plan.at(plan.seconds() + 1)).isEmpty();
    }

    @Test
    void whatIsSparedFirstIsCutFirstAndNewMaterialNever() {
        Segment drill = Segment.free(SegmentKind.DRILL, "Drill", "", 120);
        Segment questions = Segment.free(SegmentKind.QUESTIONS, "", "", 900);
        Segment review = run(SegmentKind.REVIEW, "1", "4", Showing.CALLED).times(30);
        Segment fresh = run(SegmentKind.NEW, "2", "2", Showing.CALLED).times(40);
        LessonPlan plan = LessonPlan.of(lesson(drill, review, fresh, questions), teaching());
        assertThat(plan.minutesLeft()).isNegative();
        assertThat(plan.cutFirst()).containsExactly(0, 1);
        assertThat(LessonPlan.of(lesson(drill, fresh), teaching()).cutFirst()).isEmpty();
    }

    @Test
    void segmentsCanBeInsertedMovedSplitChangedAndTakenOut() {
        Lesson lesson = lesson(
                run(SegmentKind.NEW, "2", "2", Showing.EXPLAINED).times(5).withWords("Look."),
                Segment.free(SegmentKind.QUESTIONS, "", "", 60));
        Segment extra = Segment.free(SegmentKind.OTHER, "Tea", "", 60);
        assertThat(lesson.insert(1, extra).delete(1)).isEqualTo(lesson);
        assertThat(lesson.move(0, 1).move(1, 0)).isEqualTo(lesson);
        assertThat(lesson.move(0, 7)).isEqualTo(lesson);
        Lesson split = lesson.split(0);
        assertThat(split.segments()).extracting(Segment::repetitions).containsExactly(3, 2, 1);
        assertThat(split.segments().get(1).showing().first()).isEqualTo(CueLevel.GUIDE);
        assertThat(split.segments().get(1).words()).isEmpty();
        assertThat(lesson.split(1)).isEqualTo(lesson);
    }

    @ParameterizedTest
    @EnumSource(SegmentKind.class)
    void everyKindOfSegmentHasANameInEveryLanguage(SegmentKind kind) {
        for (Language language : Language.values()) {
            var words = new app.avrel.words.say.LessonWords(language);
            assertThat(words.say(kind.key())).isNotBlank();
        }
    }

    @Test
    void impossibleSegmentsAreRefused() {
        Segment segment = run(SegmentKind.NEW, "2", "2", Showing.CALLED);
        assertThatThrownBy(() -> segment.withRepetitions(0)).hasMessage("repetitions must be 1 to 100, but was 0");
        assertThatThrownBy(() -> segment.withSecondsPerBeat(0.1))
                .hasMessage("a beat must take 0.2 to 30 seconds, but was 0.1");
        assertThatThrownBy(() -> segment.withPauseSeconds(-1))
                .hasMessageContaining("a pause must be 0 to 3600 seconds");
        assertThatThrownBy(() -> new Stretch.Counts(2, 1)).hasMessageContaining("counts must run from one to a later");
        assertThatThrownBy(() -> lesson().withMinutes(0)).hasMessage("a lesson must last 1 to 600 minutes, but was 0");
    }
}
