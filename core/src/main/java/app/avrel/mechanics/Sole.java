package app.avrel.mechanics;

import app.avrel.body.Body;
import app.avrel.body.Proportions;
import app.avrel.floor.Bearing;
import app.avrel.floor.FloorPoint;
import app.avrel.floor.FloorVector;
import app.avrel.floor.SpacePoint;
import app.avrel.motion.FootPose;
import app.avrel.posture.move.Contact;
import java.util.ArrayList;
import java.util.List;

/**
 * One foot on or off the floor, as far as its shape matters.
 *
 * <p>Outlines after the shape of a last: heel 0.66 of the breadth at the ball, toes narrowing; the shares along the foot
 * (ankle 0.25, base of the big toe 0.72, pressure of a flat foot 0.45, of a heel 0.08) are recalled, see
 * {@link Proportions}.
 *
 * @param heel the rearmost point of the sole, or where it would be if the foot lay flat
 * @param heading where the toes point
 * @param contact the part that touches
 * @param pitch degrees the toes are up on the heel, or the heel is up on the ball, 0 to 90; 0 for a flat foot
 * @param lift metres the sole is off the floor; 0 where it touches
 */
public record Sole(FloorPoint heel, Bearing heading, Contact contact, double pitch, double lift) {

    /** How far the toes are up where a foot stands on its heel and nothing else is said, degrees. */
    public static final double TOES_UP = 20;

    /** How far the heel is up where a foot stands on its ball and nothing else is said, degrees. */
    public static final double HEEL_UP = 30;

    private static final double[][] FLAT = {{0, 0.2}, {0.08, 0.33}, {0.72, 0.5}, {0.9, 0.42}, {1, 0.15}};
    private static final double[][] HEEL = {{0, 0.2}, {0.08, 0.33}, {0.16, 0.351}};
    private static final double[][] BALL = {{0.66, 0.484}, {0.72, 0.5}, {0.9, 0.42}, {1, 0.15}};

    public Sole {
        if (!(pitch >= 0 && pitch <= 90)) {
            throw new IllegalArgumentException("pitch must be 0 to 90 degrees, but was " + pitch);
        }
        if (!(lift >= 0 && lift <= 2)) {
            throw new IllegalArgumentException("lift must be 0 to 2 metres, but was " + lift);
        }
    }

    /** {@return a foot pitched as is usual for its contact} */
    public static Sole of(FloorPoint heel, Bearing heading, Contact contact) {
        return new Sole(heel, heading, contact, usualPitch(contact), 0);
    }

    public static Sole of(FootPose foot) {
        return of(foot.heel().value(), foot.heading().value(), foot.contact());
    }

    /** {@return degrees of pitch where nothing is said} */
    public static double usualPitch(Contact contact) {
        return switch (contact) {
            case FLAT, LIFTED -> 0;
            case HEEL -> TOES_UP;
            case BALL -> HEEL_UP;
        };
    }

    public boolean lifted() {
        return contact == Contact.LIFTED;
    }

    /** {@return the point at shares of the foot's length from the heel and of its breadth to its right} */
    public FloorPoint point(Body body, double along, double right) {
        FloorVector across = heading.right().vector(right * body.footBreadth());
        return heel.plus(heading.vector(along * body.footLength())).plus(across);
    }

    /** {@return the corners of the part that touches the floor, in order; none for a lifted foot} */
    public List<FloorPoint> outline(Body body) {
        return switch (contact) {
            case FLAT -> corners(FLAT, body);
            case HEEL -> corners(HEEL, body);
            case BALL -> corners(BALL, body);
            case LIFTED -> List.of();
        };
    }

    /** {@return the corners of the whole sole, as if it lay flat} */
    public List<FloorPoint> wholeOutline(Body body) {
        return corners(FLAT, body);
    }

    private List<FloorPoint> corners(double[][] half, Body body) {
        List<FloorPoint> corners = new ArrayList<>();
        for (double[] corner : half) {
            corners.add(point(body, corner[0], corner[1]));
        }
        for (int i = half.length - 1; i >= 0; i--) {
            corners.add(point(body, half[i][0], -half[i][1]));
        }
        return corners;
    }

    /** {@return where the pressure comes down} */
    public FloorPoint pressurePoint(Body body) {
        return point(body, FootPose.pressure(contact), 0);
    }

    /** {@return the ankle joint: the flat one turned about the point on which the foot stands} */
    public SpacePoint ankle(Body body) {
        FloorPoint at = heel.plus(heading.vector(ankleAhead(body)));
        return SpacePoint.over(at, ankleHeight(body) + lift);
    }

    /** {@return metres the ankle is ahead of the heel point} */
    public double ankleAhead(Body body) {
        double pivot = pivot() * body.footLength();
        double along = Proportions.ANKLE_ALONG * body.footLength() - pivot;
        double up = Proportions.ANKLE_HEIGHT * body.stature();
        return pivot + along * Math.cos(tilt()) - up * Math.sin(tilt());
    }

    private double ankleHeight(Body body) {
        double along = (Proportions.ANKLE_ALONG - pivot()) * body.footLength();
        double up = Proportions.ANKLE_HEIGHT * body.stature();
        return along * Math.sin(tilt()) + up * Math.cos(tilt());
    }

    private double pivot() {
        return contact == Contact.BALL ? FootPose.BALL : FootPose.HEEL_PRESSURE;
    }

    /** Radians the foot is turned toes up. */
    private double tilt() {
        return Math.toRadians(contact == Contact.BALL ? -pitch : contact == Contact.HEEL ? pitch : 0);
    }

    /** {@return degrees by which the foot is toes up; negative is heel up} */
    double toesUp() {
        return Math.toDegrees(tilt());
    }
}
