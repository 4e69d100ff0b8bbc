package app.avrel.motion;

import app.avrel.body.Body;
import app.avrel.body.Side;
import app.avrel.floor.Bearing;
import app.avrel.floor.FloorPoint;
import app.avrel.floor.Heading;
import app.avrel.floor.Turn;

/**
 * A pose where it stands in the hall.
 *
 * @param own the pose in its own frame
 * @param at where that frame stands
 */
public record HallPose(Pose own, Placement at) {

    /** {@return the same in a frame of its own, whose front it faces} */
    public HallPose beginning() {
        Placement frame = Placement.ownFrameOf(own);
        return new HallPose(frame.inverse().of(own), at.of(frame));
    }

    /** {@return where the front of its frame faces} */
    public Heading front() {
        return at.of(Bearing.FRONT);
    }

    /** {@return where the chest faces} */
    public Heading facing() {
        return at.of(own.facing());
    }

    /** {@return where the pelvis faces} */
    public Heading pelvis() {
        return at.of(own.pelvis());
    }

    /** {@return where the toes of a foot point} */
    public Estimate<Heading> toes(Side side) {
        Estimate<Bearing> toes = own.foot(side).heading();
        return new Estimate<>(at.of(toes.value()), toes.basis());
    }

    public FloorPoint heel(Side side) {
        return at.of(own.foot(side).heel().value());
    }

    /** {@return the middle between the heels} */
    public FloorPoint middle() {
        return at.of(own.middle());
    }

    public FloorPoint centreOfMass(Body body) {
        return at.of(CentreOfMass.of(own, body));
    }

    /** {@return all turning of the chest since the form began; to the right is positive, whole turns are kept} */
    public Turn turned() {
        return at.turn().plus(own.chest().value());
    }

    /** {@return whether both feet are placed, so that what is measured can be trusted} */
    public boolean placed() {
        return own.placed();
    }

    /** {@return the pose for painters of the hall: its bearings count from the hall's front} */
    public Pose drawn() {
        return at.of(own);
    }
}
