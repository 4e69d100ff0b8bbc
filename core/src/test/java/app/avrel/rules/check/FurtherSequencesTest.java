package app.avrel.rules.check;

import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.rules.Finding;
import app.avrel.rules.RuleId;
import app.avrel.rules.Severity;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What an instructor would ask of each rule: the same mistake otherwise made, and the sound way beside it. */
class FurtherSequencesTest {

    private static final double[] STATURES = {1.52, 1.70, 1.91};

    private static Sequence sequence(String lines) {
        return Sequence.all("# here\n" + lines).getFirst();
    }

    private static List<RuleId> serious(String lines, double stature, boolean mirrored) {
        Sequence sequence = sequence(lines);
        List<Finding> found = sequence.found(stature, mirrored);
        assertThat(sequence.notRead()).as(lines).isEmpty();
        return found.stream().filter(Finding::serious).map(Finding::rule).toList();
    }

    private static void finds(RuleId rule, String lines) {
        for (double stature : STATURES) {
            assertThat(serious(lines, stature, false)).as("%s m", stature).containsOnlyOnce(rule);
            assertThat(serious(lines, stature, true))
                    .as("%s m, mirrored", stature)
                    .containsOnlyOnce(rule);
        }
    }

    private static void doesNotFind(RuleId rule, String lines) {
        for (double stature : STATURES) {
            assertThat(serious(lines, stature, false)).as("%s m", stature).doesNotContain(rule);
            assertThat(serious(lines, stature, true))
                    .as("%s m, mirrored", stature)
                    .doesNotContain(rule);
        }
    }

    @Test
    void whoSlidesAFootUnderLoadIsToldAsMuchAsWhoSteps() {
        finds(RuleId.LOADED_STEP, "shift 70 left\nslide the left foot forward 1 foot-length");
        doesNotFind(RuleId.LOADED_STEP, "shift 100 right\nslide the left foot forward half a foot-length");
    }

    @Test
    void aFollowingHalfStepUnderLoadToo() {
        finds(
                RuleId.LOADED_STEP,
                "shift 100 right; sink 1.5 fists; left heel steps forward 1.3 foot-lengths, half a shoulder wide, toes"
                        + " forward; shift 60 left\nright half step");
    }

    @Test
    void bothFeetAreNeverInTheAir() {
        finds(RuleId.BOTH_IN_AIR, "shift 100 right; lift the left knee\nlift the right knee");
        doesNotFind(
                RuleId.BOTH_IN_AIR,
                "shift 100 right; lift the left knee\nlower the left foot, flat; shift 100 left\nlift the right knee");
    }

    @Test
    void weightStaysNotLongOnAHeelOrABallAlone() {
        finds(RuleId.EDGE_LOAD, "shift 80 left\nraise the left heel\nhold, 2 beats");
        doesNotFind(RuleId.EDGE_LOAD, "shift 100 right\nraise the left heel\nhold, 2 beats");
    }

    @Test
    void twoFeetDoNotStandInOnePlace() {
        finds(
                RuleId.FEET_OVERLAP,
                "shift 100 right; left foot steps forward 0 cm, 0 cm wide, toes forward\nshift even");
    }

    @Test
    void nobodyPutsDownWhatNobodyHolds() {
        finds(RuleId.PROP_NOT_HELD, "put down the staff with the right hand");
        doesNotFind(RuleId.PROP_NOT_HELD, "take a staff in the right hand\nput down the staff with the right hand");
    }

    @Test
    void palmsThatMeetSayHow() {
        finds(RuleId.PALMS_MEET, "both hands at the navel, on the centre line");
        doesNotFind(RuleId.PALMS_MEET, "palms together at the chest, left inside");
        doesNotFind(RuleId.PALMS_MEET, "both hands at shoulder height");
    }

    @Test
    void aSideWordIsTheFootInFrontOrTheLegOneStandsOn() {
        String left =
                "shift 100 right; sink 1 fist; left heel steps forward 1.3 foot-lengths, half a shoulder wide, toes"
                        + " forward\nleft foot flat, shift 65 left";
        finds(RuleId.SIDE_WORD, "side: right\n" + left);
        doesNotFind(RuleId.SIDE_WORD, "side: left\n" + left);
        doesNotFind(RuleId.SIDE_WORD, "side: right\n" + left + "\nshift 80 right");
    }

    @Test
    void aHalfTurnAsksWhichWayRoundAndNothingElseOfIt() {
        finds(RuleId.HALF_TURN, "turn to 6");
        doesNotFind(RuleId.HALF_TURN, "turn to 6 going left");
        doesNotFind(RuleId.HALF_TURN, "turn 170 left");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "sink 1 fist\nshift 60 left\nshift 60 right\nshift even",
                "breathe in, rise half a fist\nbreathe out, sink half a fist",
                "shift 100 right, sink 1 fist\nleft foot steps beside the right foot, one fist apart, flat, toes forward\nshift"
                        + " even",
                "look to 3\nlook ahead",
                "turn the chest 20 left\nturn the chest 20 right",
                "right hand at chest height, palm in\nright hand at hip height, palm down"
            })
    void quietBeginningsRaiseNothing(String lines) {
        for (double stature : STATURES) {
            assertThat(serious(lines, stature, false)).isEmpty();
            assertThat(serious(lines, stature, true)).isEmpty();
        }
    }

    @Test
    void aSequenceWithNoSingleLengthIsStillJudgedAndNeverHarshly() {
        String dictated = "shift all right, left heel forward\nshift 65 left\nsit back, left toes up\nshift 65 left";
        for (double stature : STATURES) {
            Sequence sequence = sequence(dictated);
            List<Finding> found = sequence.found(stature, false);
            assertThat(sequence.notRead()).isEmpty();
            assertThat(found).allMatch(finding -> finding.severity() != Severity.CAUTION);
        }
    }
}
