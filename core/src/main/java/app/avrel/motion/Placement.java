package app.avrel.motion;

import app.avrel.floor.FloorPoint;
import app.avrel.floor.FloorVector;
import app.avrel.floor.Heading;
import app.avrel.floor.Turn;
import java.util.Optional;

/**
 * How a pose is carried along the floor to where another like it stands: what is done from there is then the same, only
 * elsewhere.
 *
 * @param turn about the origin, first
 * @param by then along the floor
 */
public record Placement(Turn turn, FloorVector by) {

    /** Metres and degrees that only rounding makes. */
    private static final double NEAR = 1e-9;

    /** {@return how one pose is carried to another; empty where they are other poses} */
    public static Optional<Placement> between(Pose was, Pose is) {
        Turn turn = clean(is.chest().value().minus(was.chest().value()));
        Pose turned = was.turned(FloorPoint.ORIGIN, turn);
        FloorVector by = is.left().heel().value().minus(turned.left().heel().value());
        return near(turned.moved(by), is) ? Optional.of(new Placement(turn, by)) : Optional.empty();
    }

    /** Without what rounding has added, so that directions of the hall stay the same numbers. */
    private static Turn clean(Turn turn) {
        double rounded = Math.rint(turn.degrees() * 1e6) / 1e6;
        return near(rounded, turn.degrees()) ? new Turn(rounded) : turn;
    }

    /** {@return the pose where it is carried to} */
    public Pose of(Pose pose) {
        if (still()) {
            return pose;
        }
        Pose turned = turn.degrees() == 0 ? pose : pose.turned(FloorPoint.ORIGIN, turn);
        return by.equals(FloorVector.ZERO) ? turned : turned.moved(by);
    }

    /** {@return one carriage for this and then another} */
    public Placement then(Placement next) {
        return new Placement(
                new Turn(turn.degrees() + next.turn.degrees()),
                by.turned(next.turn).plus(next.by));
    }

    /** {@return whether nothing moves} */
    public boolean still() {
        return turn.degrees() == 0 && near(by.right(), 0) && near(by.ahead(), 0);
    }

    private static boolean near(Pose a, Pose b) {
        return near(a.left(), b.left())
                && near(a.right(), b.right())
                && a.weight().equals(b.weight())
                && near(a.hips().value().degrees(), b.hips().value().degrees())
                && a.hips().known() == b.hips().known()
                && a.chest().known() == b.chest().known()
                && near(a.drop().value(), b.drop().value())
                && a.drop().known() == b.drop().known()
                && a.leftHand().equals(b.leftHand())
                && a.rightHand().equals(b.rightHand())
                && a.gaze().equals(b.gaze())
                && a.lean().degrees() == b.lean().degrees()
                && near(a.lean().toward(), b.lean().toward())
                && a.prop().equals(b.prop());
    }

    private static boolean near(FootPose a, FootPose b) {
        return a.contact() == b.contact()
                && near(a.heel().value(), b.heel().value())
                && a.heel().known() == b.heel().known()
                && near(a.heading().value(), b.heading().value())
                && a.heading().known() == b.heading().known()
                && a.air().equals(b.air())
                && a.was().isPresent() == b.was().isPresent()
                && (a.was().isEmpty() || near(a.was().get(), b.was().get()));
    }

    private static boolean near(FloorPoint a, FloorPoint b) {
        return near(a.right(), b.right()) && near(a.ahead(), b.ahead());
    }

    private static boolean near(Heading a, Heading b) {
        return near(Math.IEEEremainder(a.degrees() - b.degrees(), 360), 0);
    }

    private static boolean near(double a, double b) {
        return Math.abs(a - b) < NEAR;
    }
}
