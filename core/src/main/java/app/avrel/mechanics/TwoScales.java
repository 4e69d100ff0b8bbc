package app.avrel.mechanics;

import app.avrel.body.Body;
import app.avrel.body.Side;
import app.avrel.body.WeightShare;
import app.avrel.floor.FloorPoint;
import app.avrel.floor.FloorVector;
import app.avrel.motion.CentreOfMass;
import app.avrel.motion.Pose;

/**
 * What two bathroom scales show, one under each foot: how the weight is really shared, and where the centre of mass must
 * then be.
 *
 * <p>A scale is honest to about half a kilogram, so that shares are to ±1 point; the places to ±2.5 cm along the feet.
 *
 * @param left what the left scale shows, in any unit, at least 0
 * @param right what the right scale shows, in the same unit; both together above 0
 */
public record TwoScales(double left, double right) {

    public TwoScales {
        if (!(left >= 0 && right >= 0 && left + right > 0) || !Double.isFinite(left + right)) {
            throw new IllegalArgumentException(
                    "scales must show at least 0 and together something, but showed " + left + " and " + right);
        }
    }

    /** {@return the share, to whole percent} */
    public WeightShare share() {
        return WeightShare.left((int) Math.round(100 * left / (left + right)));
    }

    /** {@return where the centre of mass comes down, on the line between the pressure points} */
    public FloorPoint centre(Pose pose, Body body) {
        FloorPoint onLeft = CentreOfMass.pressurePoint(pose.left(), body);
        FloorPoint onRight = CentreOfMass.pressurePoint(pose.right(), body);
        return onRight.towards(onLeft, left / (left + right));
    }

    /** {@return the way from where the claimed share has the centre of mass to where it must be} */
    public FloorVector fromClaimed(Pose pose, Body body) {
        return centre(pose, body).minus(CentreOfMass.of(pose, body));
    }

    /** {@return points by which the left foot's share is more than claimed; negative is less} */
    public double pointsMore(Pose pose) {
        return 100 * left / (left + right) - pose.weight().middle(Side.LEFT);
    }
}
