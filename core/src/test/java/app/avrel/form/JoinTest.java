package app.avrel.form;

import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.body.Landmark;
import app.avrel.body.Side;
import app.avrel.body.WeightShare;
import app.avrel.floor.Bearing;
import app.avrel.floor.FloorPoint;
import app.avrel.floor.Turn;
import app.avrel.motion.Estimate;
import app.avrel.motion.FootPose;
import app.avrel.motion.Pose;
import app.avrel.motion.Standing;
import app.avrel.posture.hand.HandPlace;
import app.avrel.posture.hand.Palm;
import app.avrel.posture.move.Contact;
import app.avrel.rules.JoinWords;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class JoinTest {

    private static final Pose STANDING = Standing.apart(0.5, 0.22);

    private static List<String> differing(Pose arrived, Pose start) {
        JoinWords words = new JoinWords(Standing.BODY);
        return Join.between(arrived, start, Standing.POSING).mismatches().stream()
                .map(words::sentence)
                .toList();
    }

    @Test
    void aPoseJoinsItselfWhereverItStands() {
        Pose elsewhere = STANDING.turned(new FloorPoint(1, 2), new Turn(130));
        assertThat(Join.between(elsewhere, elsewhere, Standing.POSING).fits()).isTrue();
        assertThat(differing(STANDING, STANDING)).isEmpty();
    }

    @Test
    void aFootOnItsBallDoesNotJoinAFlatOne() {
        Pose arrived = STANDING.withFoot(Side.LEFT, STANDING.left().withContact(Contact.BALL));
        assertThat(differing(arrived, STANDING)).containsExactly("Left foot: on the ball, wanted flat.");
    }

    @ParameterizedTest
    @CsvSource({"85, 60, true", "85, 80, false", "70, 76, true"})
    void weightsDifferByMoreThanTheTolerance(int arrived, int wanted, boolean differs) {
        List<String> said = differing(
                STANDING.withWeight(WeightShare.left(arrived)), STANDING.withWeight(WeightShare.left(wanted)));
        assertThat(said.isEmpty()).isEqualTo(!differs);
        if (differs) {
            assertThat(said)
                    .containsExactly("Weight: %d left / %d right, wanted %d left / %d right."
                            .formatted(arrived, 100 - arrived, wanted, 100 - wanted));
        }
    }

    @Test
    void whatIsNotKnownNeverDiffers() {
        Pose unknown = STANDING.withWeight(WeightShare.UNKNOWN)
                .withFoot(Side.LEFT, STANDING.left().withHeel(Estimate.unknown(new FloorPoint(5, 5))))
                .withHand(Side.LEFT, HandPlace.UNSAID);
        assertThat(differing(unknown, STANDING)).isEmpty();
    }

    @Test
    void lengthAndWidthAreComparedInFootLengthsAndCentimetres() {
        List<String> said = differing(Standing.apart(0.5, 0.22), Standing.apart(0.2, 0.44));
        assertThat(said)
                .containsExactly(
                        "Length: left heel leads by 1.9 foot-lengths (50 cm), wanted left heel leads by 0.8 foot-lengths"
                                + " (20 cm).",
                        "Width: heels 22 cm apart, wanted 44 cm apart.");
        assertThat(differing(Standing.apart(0.5, 0.22), Standing.apart(0.45, 0.26)))
                .isEmpty();
    }

    @Test
    void toesAreComparedAgainstTheFacing() {
        FootPose out = FootPose.at(STANDING.right().heel().value(), new Bearing(45), Contact.FLAT);
        assertThat(differing(STANDING.withFoot(Side.RIGHT, out), STANDING))
                .containsExactly("Right toes: 45° out, wanted straight ahead.");
    }

    @Test
    void theChestIsComparedAgainstTheHips() {
        Pose twisted = STANDING.withBody(Estimate.known(new Turn(-20)), STANDING.chest());
        assertThat(differing(twisted, STANDING))
                .containsExactly("Chest: 20° to the right of the hips, wanted square over the hips.");
    }

    @Test
    void handsDifferByMoreThanALandmarkOrByTheirPalm() {
        HandPlace chest = HandPlace.HANGING.withHeight(Landmark.CHEST);
        HandPlace shoulder = HandPlace.HANGING.withHeight(Landmark.SHOULDER);
        HandPlace navel = HandPlace.HANGING.withHeight(Landmark.NAVEL);
        Pose wanted = STANDING.withHand(Side.RIGHT, chest);
        assertThat(differing(STANDING.withHand(Side.RIGHT, shoulder), wanted)).isEmpty();
        assertThat(differing(STANDING.withHand(Side.RIGHT, navel), wanted))
                .containsExactly("Right hand: navel, palm in, open hand, wanted chest, palm in, open hand.");
        assertThat(differing(STANDING.withHand(Side.RIGHT, chest.withPalm(Palm.UP)), wanted))
                .hasSize(1);
    }

    @Test
    void heightsDifferByMoreThanHalfAFist() {
        double fist = Standing.BODY.fist();
        Pose arrived = STANDING.withDrop(Estimate.known(2 * fist));
        assertThat(differing(arrived, STANDING.withDrop(Estimate.known(fist))))
                .containsExactly("Height: 2 fists below standing, wanted 1 fists below standing.");
        assertThat(differing(arrived, STANDING.withDrop(Estimate.known(1.6 * fist))))
                .isEmpty();
    }
}
