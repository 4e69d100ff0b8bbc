package app.avrel.mechanics;

import app.avrel.body.Side;
import app.avrel.floor.Bearing;
import app.avrel.floor.FloorPoint;
import app.avrel.floor.FloorVector;
import app.avrel.floor.Turn;
import app.avrel.motion.Pose;

/**
 * How two feet stand to each other for a given facing, counted between the heels.
 *
 * @param leftLead metres the left heel is ahead of the right one along the facing
 * @param width metres between the heel lines; 0 is on one line, negative is crossed
 * @param distance metres from heel to heel
 */
public record Spacing(double leftLead, double width, double distance) {

    /** {@return the spacing of the feet of a pose for its own facing} */
    public static Spacing of(Pose pose) {
        return of(pose, pose.facing());
    }

    /** {@return the spacing along the middle between where both feet point} */
    public static Spacing alongFeet(Pose pose) {
        Turn between =
                pose.left().heading().value().turnTo(pose.right().heading().value());
        return of(pose, pose.left().heading().value().plus(new Turn(between.degrees() / 2)));
    }

    /** {@return the spacing of the feet of a pose for another facing} */
    public static Spacing of(Pose pose, Bearing facing) {
        return of(pose.left().heel().value(), pose.right().heel().value(), facing);
    }

    /** {@return the spacing of two heels for a facing} */
    public static Spacing of(FloorPoint left, FloorPoint right, Bearing facing) {
        FloorVector between = left.minus(right);
        return new Spacing(between.along(facing), -between.along(facing.right()), between.length());
    }

    /** {@return the foot further ahead} */
    public Side front() {
        return leftLead >= 0 ? Side.LEFT : Side.RIGHT;
    }

    /** {@return heel to heel along the facing, metres, at least 0} */
    public double length() {
        return Math.abs(leftLead);
    }
}
