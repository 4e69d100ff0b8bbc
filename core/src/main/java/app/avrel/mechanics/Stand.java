package app.avrel.mechanics;

import app.avrel.body.Body;
import app.avrel.body.Proportions;
import app.avrel.body.Side;
import app.avrel.floor.Bearing;
import app.avrel.floor.FloorPoint;
import app.avrel.floor.SpacePoint;
import app.avrel.motion.Pose;
import io.soabase.recordbuilder.core.RecordBuilder;

/**
 * How a body stands, in plain numbers: what the mechanics need of a pose.
 *
 * @param shareLeft the share of the weight on the left foot, 0 to 1
 * @param facing where the chest faces
 * @param pelvis where the pelvis faces
 * @param drop metres the pelvis is below standing
 * @param lean degrees the trunk inclines toward the facing
 * @param armsAhead metres the mass of the arms is ahead of where it hangs
 */
@RecordBuilder
public record Stand(
        Sole left,
        Sole right,
        double shareLeft,
        Bearing facing,
        Bearing pelvis,
        double drop,
        double lean,
        double armsAhead)
        implements StandBuilder.With {

    public Stand {
        if (!(shareLeft >= 0 && shareLeft <= 1)) {
            throw new IllegalArgumentException("share on the left foot must be 0 to 1, but was " + shareLeft);
        }
    }

    /** {@return a stand with upright trunk, hanging arms, and the pelvis under the chest} */
    public static Stand of(Sole left, Sole right, double shareLeft, Bearing facing, double drop) {
        return new Stand(left, right, shareLeft, facing, facing, drop, 0, 0);
    }

    /** {@return the stand of a pose; the middle of what is possible where the share is not exact} */
    public static Stand of(Pose pose) {
        return new Stand(
                Sole.of(pose.left()),
                Sole.of(pose.right()),
                pose.weight().middle(Side.LEFT) / 100,
                pose.facing(),
                pose.pelvis(),
                pose.drop().value(),
                pose.lean().degrees(),
                0);
    }

    public Sole sole(Side side) {
        return side == Side.LEFT ? left : right;
    }

    /**
     * {@return where the centre of mass comes down: on the line between the pressure points, as far along it as the
     * weight is shared}
     *
     * <p>Within ±2.5 cm along the feet and ±1.5 cm across of a real body.
     */
    public FloorPoint centreOfMass(Body body) {
        return right.pressurePoint(body).towards(left.pressurePoint(body), shareLeft);
    }

    /** {@return the hip joint of a side for a pelvis over the given point} */
    SpacePoint hip(Side side, FloorPoint pelvisAt, Body body) {
        FloorPoint at = pelvisAt.plus(pelvis.right().vector(side.sign() * Proportions.HALF_HIPS * body.stature()));
        return SpacePoint.over(at, Proportions.HIP_HEIGHT * body.stature() - drop);
    }

    /**
     * {@return metres between the outlines of the two soles across the facing; negative where they overlap sideways}
     */
    public double clearGap(Body body) {
        Bearing across = facing.right();
        double rightmost = left.wholeOutline(body).stream()
                .mapToDouble(corner -> corner.minus(FloorPoint.ORIGIN).along(across))
                .max()
                .orElseThrow();
        double leftmost = right.wholeOutline(body).stream()
                .mapToDouble(corner -> corner.minus(FloorPoint.ORIGIN).along(across))
                .min()
                .orElseThrow();
        return leftmost - rightmost;
    }
}
