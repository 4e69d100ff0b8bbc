package app.avrel.motion;

import app.avrel.floor.Bearing;
import app.avrel.floor.FloorPoint;
import app.avrel.floor.FloorVector;
import app.avrel.floor.Heading;
import app.avrel.floor.Turn;

/**
 * Where a frame stands in another: a rigid motion of the floor. What is done in a posture's own frame is the same value
 * wherever it is placed; in the hall it exists only where something is drawn or measured there.
 *
 * @param turn about the origin, first; whole turns are kept
 * @param by then along the floor
 */
public record Placement(Turn turn, FloorVector by) {

    /** Where one already is. */
    public static final Placement HERE = new Placement(Turn.NONE, FloorVector.ZERO);

    /** {@return the frame of its own that a pose begins: it faces the front, and the middle between its heels is the origin} */
    public static Placement ownFrameOf(Pose pose) {
        return new Placement(pose.chest().value(), pose.middle().minus(FloorPoint.ORIGIN));
    }

    /** {@return where a bearing points in the hall, for a frame that is placed there} */
    public Heading of(Bearing bearing) {
        return Heading.wrapping(turn.degrees() + bearing.degrees());
    }

    /** {@return a direction of the hall as it is seen from this frame} */
    public Bearing from(Heading heading) {
        return Bearing.wrapping(heading.degrees() - turn.degrees());
    }

    /** {@return where a point of this frame lies in the other} */
    public FloorPoint of(FloorPoint point) {
        return point.turned(FloorPoint.ORIGIN, turn).plus(by);
    }

    /** {@return a pose of this frame as it is seen from the other} */
    public Pose of(Pose pose) {
        Pose turned = turn.degrees() == 0 ? pose : pose.turned(FloorPoint.ORIGIN, turn);
        return by.equals(FloorVector.ZERO) ? turned : turned.moved(by);
    }

    /** {@return where a frame stands in the other that stands in this one} */
    public Placement of(Placement inner) {
        return new Placement(turn.plus(inner.turn), inner.by.turned(turn).plus(by));
    }

    /** {@return where the other frame stands in this one} */
    public Placement inverse() {
        return new Placement(turn.mirrored(), by.times(-1).turned(turn.mirrored()));
    }

    /** {@return the same turned about the other frame's origin} */
    public Placement turned(Turn about) {
        return new Placement(about, FloorVector.ZERO).of(this);
    }
}
