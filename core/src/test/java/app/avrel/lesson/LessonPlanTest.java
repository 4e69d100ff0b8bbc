package app.avrel.lesson;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.avrel.body.Side;
import app.avrel.cue.Cue;
import app.avrel.cue.SpeechTime;
import app.avrel.floor.Directions;
import app.avrel.floor.Heading;
import app.avrel.form.Entry;
import app.avrel.form.EntryId;
import app.avrel.form.Form;
import app.avrel.form.FormId;
import app.avrel.form.Part;
import app.avrel.form.Played;
import app.avrel.form.Shelf;
import app.avrel.form.Track;
import app.avrel.form.Unroll;
import app.avrel.house.HouseRules;
import app.avrel.motion.Standing;
import app.avrel.posture.Posture;
import app.avrel.posture.PostureId;
import app.avrel.posture.count.Count;
import app.avrel.posture.count.CueLevel;
import app.avrel.posture.count.Language;
import app.avrel.posture.count.Stage;
import app.avrel.posture.move.Move;
import app.avrel.posture.move.Split;
import app.avrel.words.Wording;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

class LessonPlanTest {

    private static final Wording SAYING = new Wording(Directions.CLOCK, Heading.FRONT, HouseRules.LARGE_FRAME);
    private static final Posture OPEN = posture("Open", Optional.empty(), 2);
    private static final Posture SWEEP = posture("Sweep", Optional.of(Side.RIGHT), 3);
    private static final Posture WHEEL = posture("Wheel", Optional.empty(), 4);
    private static final Form FORM = new Form(
            new FormId("f"),
            "F",
            List.of(new Part(
                    "",
                    List.of(
                            entry("1", OPEN, Played.AS_RECORDED),
                            entry("2", SWEEP, Played.AS_RECORDED),
                            entry("3", SWEEP, Played.OTHER_SIDE),
                            entry("4", WHEEL, Played.AS_RECORDED).times(2)))),
            Optional.empty(),
            Optional.empty());
    private static final Track TRACK = Unroll.form(
            FORM,
            new Shelf(
                    Stream.of(OPEN, SWEEP, WHEEL).collect(Collectors.toMap(Posture::id, posture -> posture)), Map.of()),
            Standing.POSING);

    private static Posture posture(String name, Optional<Side> side, int counts) {
        return Posture.blank(new PostureId(name), name)
                .withSide(side)
                .withCounts(Stream.generate(() -> Count.of(Stage.of(new Move.Shift(Split.on(Side.LEFT, 60)))))
                        .limit(counts)
                        .toList());
    }

    private static Entry entry(String id, Posture posture, Played played) {
        return Entry.of(new EntryId(id), posture.id(), played);
    }

    private static LessonPlan plan(Segment... segments) {
        Lesson lesson = new Lesson("L", FORM.id(), 50, List.of(segments), "");
        return LessonPlan.of(lesson, FORM, TRACK, SAYING);
    }

    private static Segment stretch(Segment.Purpose purpose, String first, String last, CueLevel level) {
        return new Segment.OfForm(purpose, new EntryId(first), new EntryId(last), level, 3, 4, 20);
    }

    @Test
    void aSegmentTakesCountsTimesTempoTimesRepetitionsAndWordsAndPauses() {
        SegmentPlan plan = plan(stretch(Segment.Purpose.RECAP, "1", "3", CueLevel.PROMPT))
                .segments()
                .getFirst();
        assertThat(plan.moving()).isEqualTo((2 + 3 + 3) * 4.0 * 3);
        assertThat(plan.pausing()).isEqualTo(3 * 20.0);
        assertThat(plan.speaking()).isCloseTo(SpeechTime.of(Language.ENGLISH).seconds(plan.opening()), within(1e-9));
        assertThat(plan.seconds()).isCloseTo(plan.moving() + plan.speaking() + plan.pausing(), within(1e-9));
    }

    @Test
    void theTotalIsHeldAgainstTheLessonsMinutes() {
        LessonPlan plan = plan(new Segment.Free("Questions", 0, "", 1, 4, 40 * 60));
        assertThat(plan.seconds()).isEqualTo(2400);
        assertThat(plan.minutesLeft()).isCloseTo(10, within(1e-9));
        LessonPlan overrun = plan(new Segment.Free("Warm-up", 100, "", 10, 4, 0));
        assertThat(overrun.minutesLeft()).isCloseTo(50 - 4000 / 60.0, within(1e-9));
    }

    @Test
    void soFarFoldsRepeatsAndSidesTogether() {
        assertThat(SoFar.folded(TRACK.occurrences())).containsExactly("Open", "Sweep, right and left", "Wheel, twice");
        SegmentPlan plan = plan(stretch(Segment.Purpose.RECAP, "1", "4", CueLevel.PROMPT))
                .segments()
                .getFirst();
        assertThat(plan.opening()).isEqualTo("So far: Open; Sweep, right and left; Wheel, twice.");
    }

    @Test
    void sidesThatAlternateAreSaidInTheirOrder() {
        Form form = FORM.change(1, entry -> entry.times(2)).insertAfter(2, entry("5", SWEEP, Played.AS_RECORDED));
        Track track = Unroll.form(
                form,
                new Shelf(
                        Stream.of(OPEN, SWEEP, WHEEL).collect(Collectors.toMap(Posture::id, posture -> posture)),
                        Map.of()),
                Standing.POSING);
        assertThat(SoFar.folded(track.occurrences()).get(1)).isEqualTo("Sweep, right, right, left, right");
    }

    @Test
    void aNewPostureIsExplainedOnceAndThenPrompted() {
        SegmentPlan plan = plan(stretch(Segment.Purpose.NEW_POSTURE, "2", "2", CueLevel.GUIDE))
                .segments()
                .getFirst();
        assertThat(plan.title()).isEqualTo("New: Sweep, right");
        assertThat(plan.opening().lines())
                .hasSize(3)
                .allMatch(line -> line.equals("Shift 60 percent onto the left foot."));
        assertThat(plan.script().cues()).extracting(Cue::words).containsExactly("shift left", "", "");
        assertThat(plan.script().cues()).extracting(Cue::start).containsExactly(0.0, 4.0, 8.0);
    }

    @Test
    void aSegmentWhoseEntriesAreGoneSaysSoAndTakesNoTimeToMove() {
        SegmentPlan plan = plan(stretch(Segment.Purpose.RUN_THROUGH, "1", "gone", CueLevel.PROMPT))
                .segments()
                .getFirst();
        assertThat(plan.title()).isEqualTo("Run-through: its postures are no longer in the form");
        assertThat(plan.moving()).isZero();
    }

    @Test
    void aDraftIsWarmUpRecapNewPostureRunThroughAndQuestions() {
        Lesson draft = LessonDraft.of(FORM, 2, "Three", 50);
        LessonPlan plan = LessonPlan.of(draft, FORM, TRACK, SAYING);
        assertThat(plan.segments())
                .extracting(SegmentPlan::title)
                .containsExactly(
                        "Warm-up",
                        "So far: Open to Sweep, right",
                        "New: Sweep, left",
                        "Run-through: Open to Sweep, right and left",
                        "Questions");
    }

    @Test
    void theFirstLessonHasNothingToRecapAndAnEmptyFormNothingToTeach() {
        assertThat(LessonDraft.of(FORM, 0, "One", 50).segments()).hasSize(4);
        Form empty = new Form(new FormId("e"), "E", List.of(), Optional.empty(), Optional.empty());
        assertThat(LessonDraft.of(empty, 0, "One", 50).segments()).hasSize(2);
    }

    @Test
    void segmentsCanBeInsertedMovedChangedAndTakenOut() {
        Lesson lesson = LessonDraft.of(FORM, 2, "Three", 50);
        Segment extra = LessonDraft.questions();
        assertThat(lesson.insert(1, extra).delete(1)).isEqualTo(lesson);
        assertThat(lesson.move(0, 3).move(3, 0)).isEqualTo(lesson);
        Segment quick =
                lesson.change(1, segment -> segment.timed(5, 2, 0)).segments().get(1);
        assertThat(quick.repetitions()).isEqualTo(5);
        assertThat(quick.secondsPerBeat()).isEqualTo(2);
    }

    @Test
    void impossibleRhythmsAreRefused() {
        Segment segment = LessonDraft.warmUp();
        assertThatThrownBy(() -> segment.timed(0, 4, 0)).hasMessage("repetitions must be 1 to 100, but was 0");
        assertThatThrownBy(() -> segment.timed(1, 0.1, 0))
                .hasMessage("a beat must take 0.2 to 30 seconds, but was 0.1");
        assertThatThrownBy(() -> segment.timed(1, 4, -1)).hasMessageContaining("a pause must be 0 to 3600 seconds");
        assertThatThrownBy(() -> new Lesson("L", FORM.id(), 0, List.of(), ""))
                .hasMessage("a lesson must last 1 to 600 minutes, but was 0");
    }
}
