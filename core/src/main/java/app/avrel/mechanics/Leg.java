package app.avrel.mechanics;

import app.avrel.body.Body;
import app.avrel.body.Proportions;
import app.avrel.body.Side;
import app.avrel.floor.Bearing;
import app.avrel.floor.FloorPoint;
import app.avrel.floor.FloorVector;
import app.avrel.floor.SpacePoint;
import app.avrel.floor.Turn;
import app.avrel.motion.FootPose;
import app.avrel.posture.move.Contact;

/**
 * One leg of a stand, solved as two bones.
 *
 * <p>The knee bends in the plane that holds the foot's heading, as a hinge does; a lifted leg's knee points half way
 * between the pelvis and the foot. Bend within ±6° from 30° to 90°, ±15° near straight; places of the knee within ±4 cm,
 * biased 1 to 3 cm forward in sitting.
 *
 * @param hip the hip joint
 * @param knee the centre of the knee joint; the front of the kneecap is 0.03 of the stature further ahead
 * @param ankle the ankle joint
 * @param bend degrees, 0 is straight
 * @param tooFar metres by which the ankle is beyond the straight leg's reach; 0 where the leg reaches
 * @param pastToe metres the knee is past the tip of the toes along the foot; negative is behind
 * @param pastBall metres the knee is past the base of the big toe
 * @param inward metres the knee is inward of the foot's line
 * @param tilt degrees the shin is off the upright
 * @param tiltInward degrees the shin is tilted inward, seen along the foot
 * @param dorsiflexion degrees the shin is ahead of a right angle to the sole
 * @param extension degrees the thigh is behind the upright, in the pelvis's own frame
 * @param abduction degrees the thigh is out from the upright, in the pelvis's own frame
 */
public record Leg(
        SpacePoint hip,
        SpacePoint knee,
        SpacePoint ankle,
        double bend,
        double tooFar,
        double pastToe,
        double pastBall,
        double inward,
        double tilt,
        double tiltInward,
        double dorsiflexion,
        double extension,
        double abduction) {

    /** {@return the leg for a pelvis over the centre of mass} */
    public static Leg of(Stand stand, Side side, Body body) {
        return of(stand, side, body, stand.centreOfMass(body));
    }

    /** {@return the leg for a pelvis over a point} */
    public static Leg of(Stand stand, Side side, Body body, FloorPoint pelvis) {
        SpacePoint hip = stand.hip(side, pelvis, body);
        return of(stand, side, body, hip, SpacePoint.along(pole(stand, side).degrees()));
    }

    /** Where the knee points. */
    private static Bearing pole(Stand stand, Side side) {
        Bearing foot = stand.sole(side).heading();
        if (!stand.sole(side).lifted()) {
            return foot;
        }
        return stand.pelvis().plus(new Turn(stand.pelvis().turnTo(foot).degrees() / 2));
    }

    /** The leg with its knee bent toward any way. */
    static Leg of(Stand stand, Side side, Body body, SpacePoint hip, SpacePoint pole) {
        Sole sole = stand.sole(side);
        SpacePoint ankle = sole.ankle(body);
        SpacePoint knee = TwoBones.between(
                hip, ankle, Proportions.THIGH * body.stature(), Proportions.SHANK * body.stature(), pole);
        double span = hip.distance(ankle);
        FloorVector overFoot = knee.floor().minus(sole.heel());
        double along = overFoot.along(sole.heading());
        SpacePoint shin = knee.minus(ankle);
        FloorVector level = shin.floor().minus(FloorPoint.ORIGIN);
        Bearing inward = sole.heading().plus(new Turn(-90 * side.sign()));
        SpacePoint thigh = knee.minus(hip);
        FloorVector swing = thigh.floor().minus(FloorPoint.ORIGIN);
        double foot = sole.contact() == Contact.LIFTED ? 0 : sole.toesUp();
        return new Leg(
                hip,
                knee,
                ankle,
                LegSpan.bend(span, body),
                Math.max(0, span - LegSpan.straight(body)),
                along - body.footLength(),
                along - FootPose.BALL * body.footLength(),
                overFoot.along(inward),
                degrees(level.length(), shin.up()),
                degrees(level.along(inward), shin.up()),
                degrees(level.along(sole.heading()), shin.up()) + foot,
                degrees(-swing.along(stand.pelvis()), -thigh.up()),
                degrees(side.sign() * swing.along(stand.pelvis().right()), -thigh.up()));
    }

    private static double degrees(double across, double up) {
        return Math.toDegrees(Math.atan2(across, up));
    }
}
