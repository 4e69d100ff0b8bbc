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
import app.avrel.posture.count.Count;
import app.avrel.posture.count.CueLevel;
import app.avrel.posture.count.Stage;
import app.avrel.posture.move.Move;
import app.avrel.posture.move.Split;
import app.avrel.words.Wording;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** Shorter each time, as the school has it, or as one posture has it. */
class LadderTest {

    private static final PostureId WELL = new PostureId("well");
    private static final Posture POSTURE = Posture.blank(WELL, "Well")
            .withSide(Optional.of(Side.LEFT))
            .withStart(new Start.Carried(StartPose.SHOULDER_WIDE))
            .withCounts(List.of(Count.of(Stage.of(new Move.Shift(Split.on(Side.LEFT, 100))))));

    private static List<CueLevel> levels(Posture posture, HouseRules house, Played... each) {
        return Scripting.of(
                        Stretches.of(posture, each),
                        CueOrder.USUAL,
                        new Wording(Directions.CLOCK, Heading.FRONT, house))
                .cues()
                .stream()
                .map(Cue::level)
                .toList();
    }

    private static final Played HERE = Played.AS_RECORDED;
    private static final Played OTHER = Played.OTHER_SIDE;

    @Test
    void usuallySentencesFirstAndThenCallsAndTheOtherSideBeginsAnew() {
        assertThat(levels(POSTURE, HouseRules.LARGE_FRAME, HERE, HERE, OTHER, HERE))
                .containsExactly(CueLevel.GUIDE, CueLevel.PROMPT, CueLevel.GUIDE, CueLevel.PROMPT);
    }

    @Test
    void aSchoolMayExplainTwiceAndThenOnlyCount() {
        HouseRules house = HouseRules.LARGE_FRAME
                .with(HouseRule.CALL_FIRST, 1)
                .with(HouseRule.CALL_SECOND, 2)
                .with(HouseRule.CALL_LATER, 3)
                .with(HouseRule.CALL_OTHER_SIDE, 2);
        assertThat(levels(POSTURE, house, HERE, HERE, HERE, OTHER))
                .containsExactly(CueLevel.EXPLAIN, CueLevel.EXPLAIN, CueLevel.COUNT, CueLevel.PROMPT);
    }

    @Test
    void onePostureMayBeSaidAtLengthLongerThanTheRest() {
        Posture careful = POSTURE.withOwnRules(Map.of(HouseRule.CALL_LATER, 2, HouseRule.CALL_SECOND, 1));
        assertThat(levels(careful, HouseRules.LARGE_FRAME, HERE, HERE, HERE, HERE))
                .containsOnly(CueLevel.GUIDE);
    }

    @Test
    void theOtherSideMayBeSaidAsTheFirstTimeWas() {
        HouseRules house = HouseRules.LARGE_FRAME.with(HouseRule.CALL_FIRST, 1).with(HouseRule.CALL_OTHER_SIDE, 1);
        assertThat(levels(POSTURE, house, HERE, OTHER)).containsExactly(CueLevel.EXPLAIN, CueLevel.EXPLAIN);
    }
}
