package app.avrel.motion;

import app.avrel.body.Body;
import app.avrel.body.Side;
import app.avrel.floor.FloorPoint;

/**
 * Where the body's weight comes down.
 *
 * <p>In balance the centre of mass stands above the line between the two pressure points, as far along it as the
 * weight is shared. Within ±2.5 cm along the feet of a real body.
 */
public final class CentreOfMass {

    private CentreOfMass() {}

    /** {@return the projection on the floor; the middle of what is possible where the share is not exact} */
    public static FloorPoint of(Pose pose, Body body) {
        FloorPoint left = pressurePoint(pose.left(), body);
        FloorPoint right = pressurePoint(pose.right(), body);
        return right.towards(left, pose.weight().middle(Side.LEFT) / 100);
    }

    /** {@return where a foot's pressure comes down: 0.45 of a flat foot's length, 0.08 on the heel, 0.72 on the ball} */
    public static FloorPoint pressurePoint(FootPose foot, Body body) {
        return foot.point(body, FootPose.pressure(foot.contact()));
    }
}
