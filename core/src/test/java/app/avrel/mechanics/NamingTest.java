package app.avrel.mechanics;

import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.body.Body;
import app.avrel.body.Length;
import app.avrel.body.WeightShare;
import app.avrel.house.Stance;
import app.avrel.motion.Pose;
import app.avrel.motion.Standing;
import app.avrel.motion.Starting;
import app.avrel.posture.Mirror;
import app.avrel.posture.Posture;
import app.avrel.posture.PostureId;
import app.avrel.posture.Start;
import app.avrel.posture.StartFoot;
import app.avrel.posture.StartPose;
import app.avrel.posture.move.Contact;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class NamingTest {

    /** Left ahead in foot-lengths, width in shoulder widths, percent left, contacts, right toes out, fists down. */
    @ParameterizedTest(name = "{0}")
    @CsvSource({
        "SHOULDER_WIDE, 0, 1, 50, FLAT, FLAT, 0, 1",
        "FEET_TOGETHER, 0, 0.4, 50, FLAT, FLAT, 0, 0",
        "HORSE, 0, 1.8, 50, FLAT, FLAT, 20, 2",
        "SIDE_BOW, 0, 1.8, 70, FLAT, FLAT, 20, 2",
        "BOW, 2, 0.5, 70, FLAT, FLAT, 45, 2",
        "BOW, 1.5, 1, 60, FLAT, BALL, 45, 2",
        "ALL_ON_FRONT, 1.5, 0.5, 95, FLAT, BALL, 45, 2",
        "REAR_LOADED, 1.5, 0.5, 20, FLAT, FLAT, 45, 2",
        "EMPTY, 1.3, 0.3, 10, BALL, FLAT, 45, 2",
        "EMPTY, 1.2, 0.3, 15, HEEL, FLAT, 45, 2",
        "DRAWN_IN, 0, 0.3, 5, BALL, FLAT, 45, 2",
        "DROP, 0.3, 1.6, 15, HEEL, FLAT, 45, 3.5",
        "ONE_LEGGED, 0.5, 0.5, 0, LIFTED, FLAT, 20, 1"
    })
    void aPositionBearsTheNameOfTheFirstStanceThatFits(
            Stance stance,
            double ahead,
            double width,
            int left,
            Contact leftContact,
            Contact rightContact,
            double rightToesOut,
            double fists) {
        StartPose start = start(ahead, width, left, leftContact, rightContact, rightToesOut, fists);
        for (double stature : new double[] {1.5, 1.7, 1.95}) {
            Body body = Body.ofStature(stature);
            assertThat(Naming.of(Starting.of(start, body), body))
                    .as("%s m", stature)
                    .contains(stance);
        }
    }

    @ParameterizedTest(name = "{0} on the other side")
    @CsvSource({"BOW, 2, 0.5, 70, FLAT", "REAR_LOADED, 1.5, 0.5, 20, FLAT", "EMPTY, 1.3, 0.3, 10, BALL"})
    void theOtherSideBearsTheSameName(Stance stance, double ahead, double width, int left, Contact leftContact) {
        StartPose start = start(ahead, width, left, leftContact, Contact.FLAT, 45, 2);
        Posture posture = Posture.blank(new PostureId("p"), "P").withStart(new Start.Recorded(start));
        StartPose mirrored = Mirror.of(posture).start().pose();
        assertThat(Naming.of(Starting.of(mirrored, Standing.BODY), Standing.BODY))
                .contains(stance);
    }

    private static StartPose start(
            double ahead,
            double width,
            int left,
            Contact leftContact,
            Contact rightContact,
            double rightToesOut,
            double fists) {
        return StartPose.SHOULDER_WIDE
                .withFeet(new StartFoot(0, leftContact), new StartFoot(rightToesOut, rightContact))
                .withSpacing(Optional.of(Length.footLengths(ahead)), Optional.of(Length.shoulderWidths(width)))
                .withWeight(WeightShare.left(left))
                .withDrop(Length.fists(fists));
    }

    @Test
    void aCrossedRestNeedsTheFrontToesOutAndTheRearHeelUp() {
        StartPose crossed = StartPose.SHOULDER_WIDE
                .withFeet(StartFoot.flat(50), new StartFoot(0, Contact.BALL))
                .withSpacing(Optional.of(Length.footLengths(1)), Optional.of(Length.shoulderWidths(0)))
                .withWeight(WeightShare.left(65))
                .withDrop(Length.fists(3));
        assertThat(Naming.of(Starting.of(crossed, Standing.BODY), Standing.BODY))
                .contains(Stance.CROSSED_REST);
        StartPose straight = crossed.withFeet(StartFoot.flat(10), new StartFoot(0, Contact.BALL));
        assertThat(Naming.of(Starting.of(straight, Standing.BODY), Standing.BODY))
                .contains(Stance.BOW);
    }

    @Test
    void whatFitsNoStanceHasNoName() {
        Pose odd = Starting.of(start(0.6, 0.3, 60, Contact.FLAT, Contact.FLAT, 0, 1), Standing.BODY);
        assertThat(Naming.of(odd, Standing.BODY)).isEmpty();
    }

    @Test
    void feetThatAreNotPlacedHaveNoName() {
        StartPose open = StartPose.SHOULDER_WIDE.withSpacing(Optional.empty(), Optional.empty());
        assertThat(Naming.of(Starting.of(open, Standing.BODY), Standing.BODY)).isEmpty();
    }
}
