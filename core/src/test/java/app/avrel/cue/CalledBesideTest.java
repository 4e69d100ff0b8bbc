package app.avrel.cue;

import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.body.Side;
import app.avrel.floor.Directions;
import app.avrel.floor.Heading;
import app.avrel.form.Played;
import app.avrel.house.HouseRule;
import app.avrel.house.HouseRules;
import app.avrel.posture.Posture;
import app.avrel.posture.PostureId;
import app.avrel.posture.Start;
import app.avrel.posture.StartPose;
import app.avrel.posture.count.Breath;
import app.avrel.posture.count.Count;
import app.avrel.posture.count.Stage;
import app.avrel.posture.move.Move;
import app.avrel.posture.move.Split;
import app.avrel.words.Wording;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;

/** What is called beside the moves: as the school has it, as one posture has it, or as it is asked for this once. */
class CalledBesideTest {

    private static final Posture POSTURE = Posture.blank(new PostureId("well"), "Well")
            .withSide(Optional.of(Side.LEFT))
            .withStart(new Start.Carried(StartPose.SHOULDER_WIDE))
            .withCounts(List.of(
                    count(Side.LEFT, Breath.IN), count(Side.RIGHT, Breath.OUT), count(Side.LEFT, Breath.STILL_OUT)));

    private static Count count(Side side, Breath breath) {
        return Count.of(Stage.of(new Move.Shift(Split.on(side, 100)))).withBreath(breath);
    }

    private static List<Call> calls(Posture posture, HouseRules house, CueOrder order) {
        return Scripting.of(
                        Stretches.of(posture, Played.AS_RECORDED, Played.AS_RECORDED),
                        order,
                        new Wording(Directions.CLOCK, Heading.FRONT, house))
                .calls()
                .toList();
    }

    private static List<String> said(Posture posture, HouseRules house, CueOrder order, Call.Kind kind) {
        return calls(posture, house, order).stream()
                .filter(call -> call.kind() == kind)
                .map(Call::words)
                .toList();
    }

    @Test
    void usuallyTheNameOpensTheSecondTimeIsToldTheBreathIsCalledAndNoNumbers() {
        List<Call> calls = calls(POSTURE, HouseRules.LARGE_FRAME, CueOrder.USUAL);
        assertThat(calls.getFirst().words()).isEqualTo("Well");
        assertThat(calls).extracting(Call::words).contains("second time", "breathe in");
        assertThat(calls).extracting(Call::kind).doesNotContain(Call.Kind.NUMBER);
    }

    @Test
    void aSchoolMayCallTheNameOnceTheShapeIsThereAndCountAloud() {
        HouseRules house = HouseRules.LARGE_FRAME
                .with(HouseRule.CALL_NAME, 1)
                .with(HouseRule.CALL_NUMBER, 1)
                .with(HouseRule.CALL_ORDINAL, 1)
                .with(HouseRule.CALL_BREATH, 1);
        List<Call> calls = calls(POSTURE, house, CueOrder.USUAL);
        assertThat(calls)
                .extracting(Call::kind)
                .doesNotContain(Call.Kind.ORDINAL, Call.Kind.BREATH)
                .endsWith(Call.Kind.NUMBER, Call.Kind.MOVE);
        assertThat(said(POSTURE, house, CueOrder.USUAL, Call.Kind.NUMBER))
                .containsExactly("one", "two", "three", "one", "two", "three");
        assertThat(calls.indexOf(calls.stream()
                        .filter(call -> call.kind() == Call.Kind.NAME)
                        .findFirst()
                        .orElseThrow()))
                .isGreaterThan(4);
    }

    @Test
    void onePostureMayBeCalledOtherwiseThanTheRest() {
        Posture unnamed = POSTURE.withOwnRules(Map.of(HouseRule.CALL_NAME, 2, HouseRule.CALL_NUMBER, 1));
        assertThat(said(unnamed, HouseRules.LARGE_FRAME, CueOrder.USUAL, Call.Kind.NAME))
                .isEmpty();
        assertThat(said(unnamed, HouseRules.LARGE_FRAME, CueOrder.USUAL, Call.Kind.NUMBER))
                .isNotEmpty();
    }

    @Test
    void whatIsAskedForThisOnceGoesBeforeBoth() {
        Posture unnamed = POSTURE.withOwnRules(Map.of(HouseRule.CALL_NAME, 2, HouseRule.CALL_BREATH, 1));
        CueOrder order = CueOrder.USUAL.withNames(NamePlace.BEFORE).withBreath(true);
        assertThat(calls(unnamed, HouseRules.LARGE_FRAME, order))
                .extracting(Call::kind)
                .contains(Call.Kind.NAME, Call.Kind.BREATH);
    }

    @Test
    void byTheBreathTheCountsOfOneBreathShareItsTime() {
        CueOrder order = CueOrder.USUAL.withBreathsAMinute(OptionalDouble.of(6));
        CueScript script = Scripting.of(
                Stretches.of(POSTURE, Played.AS_RECORDED),
                order,
                new Wording(Directions.CLOCK, Heading.FRONT, HouseRules.LARGE_FRAME));
        assertThat(script.cues()).extracting(Cue::length).containsExactly(5.0, 2.5, 2.5);
        assertThat(script.cues()).extracting(Cue::start).containsExactly(0.0, 5.0, 7.5);
    }

    @Test
    void oneWhoSpeaksSlowlyBeginsEarlier() {
        List<Call> slow = Scripting.of(
                        List.of(),
                        Stretches.of(POSTURE, Played.AS_RECORDED),
                        CueOrder.USUAL,
                        new Wording(Directions.CLOCK, Heading.FRONT, HouseRules.LARGE_FRAME),
                        words -> 3)
                .calls()
                .toList();
        assertThat(slow.getFirst().seconds()).isEqualTo(3);
        assertThat(slow.getFirst().at()).isEqualTo(-4);
    }
}
