package app.avrel.motion;

import app.avrel.body.Side;
import app.avrel.body.WeightShare;
import app.avrel.floor.Bearing;
import app.avrel.floor.FloorPoint;
import app.avrel.floor.FloorVector;
import app.avrel.floor.Turn;
import app.avrel.posture.hand.HandPlace;
import app.avrel.posture.hand.HeldProp;
import app.avrel.posture.move.Gaze;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Optional;

/**
 * How a body stands at one moment, in the frame of the posture or link that is done: its front is that frame's.
 *
 * @param hips where the pelvis faces, as the turn from the front; whole turns are kept
 * @param chest where the chest faces, likewise: this is the facing
 * @param drop metres the pelvis is below standing, at least 0
 * @param leftHand directions in it are the body's or, as {@code OfPosture}, the frame's
 * @param hold how the hands hold to each other, until one of them goes elsewhere
 * @param gaze directions in it are the frame's
 * @param lean of the trunk
 * @param line of the stance
 * @param prop what is held, if anything; directions in it are the frame's
 */
@RecordBuilder
public record Pose(
        FootPose left,
        FootPose right,
        WeightShare weight,
        Estimate<Turn> hips,
        Estimate<Turn> chest,
        Estimate<Double> drop,
        HandPlace leftHand,
        HandPlace rightHand,
        Optional<HandHold> hold,
        Gaze gaze,
        Lean lean,
        StanceLine line,
        Optional<HeldProp> prop)
        implements PoseBuilder.With {

    public FootPose foot(Side side) {
        return side == Side.LEFT ? left : right;
    }

    public HandPlace hand(Side side) {
        return side == Side.LEFT ? leftHand : rightHand;
    }

    /** {@return the middle between the heels} */
    public FloorPoint middle() {
        return left.heel().value().towards(right.heel().value(), 0.5);
    }

    /** {@return whether both heels are where the record puts them} */
    public boolean placed() {
        return left.heel().known() && right.heel().known();
    }

    /** {@return where the body faces: the chest's bearing} */
    public Bearing facing() {
        return Bearing.from(chest.value());
    }

    public Bearing pelvis() {
        return Bearing.from(hips.value());
    }

    public Pose withFoot(Side side, FootPose foot) {
        return side == Side.LEFT ? withLeft(foot) : withRight(foot);
    }

    public Pose withHand(Side side, HandPlace place) {
        return side == Side.LEFT ? withLeftHand(place) : withRightHand(place);
    }

    public Pose withBody(Estimate<Turn> newHips, Estimate<Turn> newChest) {
        return withHips(newHips).withChest(newChest);
    }

    /** {@return this pose seen from a frame in which it is turned about a centre, body and feet} */
    public Pose turned(FloorPoint centre, Turn turn) {
        return new Pose(
                left.turned(centre, turn),
                right.turned(centre, turn),
                weight,
                hips.map(turn::plus),
                chest.map(turn::plus),
                drop,
                Directed.turned(leftHand, turn),
                Directed.turned(rightHand, turn),
                hold,
                Directed.turned(gaze, turn),
                new Lean(lean.degrees(), lean.toward().plus(turn)),
                line.turned(turn),
                prop.map(held -> Directed.turned(held, turn)));
    }

    /** {@return this pose moved along the floor} */
    public Pose moved(FloorVector by) {
        return withLeft(left.moved(by)).withRight(right.moved(by));
    }
}
