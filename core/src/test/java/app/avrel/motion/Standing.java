package app.avrel.motion;

import app.avrel.body.Body;
import app.avrel.body.Length;
import app.avrel.house.HouseRules;
import app.avrel.mechanics.Performing;
import app.avrel.posture.StartPose;
import app.avrel.posture.count.Stage;
import app.avrel.posture.move.Move;
import java.util.Optional;

/** Someone of 170 cm, for tests: how they stand, and what a stage makes of it. */
public final class Standing {

    public static final Body BODY = Body.ofStature(1.70);
    public static final Performer POSING = Performing.of(BODY, HouseRules.LARGE_FRAME);

    private Standing() {}

    public static Pose shoulderWide() {
        return Starting.of(StartPose.SHOULDER_WIDE, BODY);
    }

    /** {@return standing with the left heel ahead and the heel lines apart, in metres} */
    public static Pose apart(double leftAhead, double width) {
        return Starting.of(
                StartPose.SHOULDER_WIDE.withSpacing(
                        Optional.of(Length.centimetres(leftAhead * 100)), Optional.of(Length.centimetres(width * 100))),
                BODY);
    }

    /** {@return the pose after moves made together, counted against the front} */
    public static Pose after(Pose before, Move... moves) {
        return POSING.after(before, Stage.of(moves));
    }
}
