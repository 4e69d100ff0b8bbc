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
import java.util.Optional;

/**
 * How a body stands at one moment, in the frame of the posture or link that is done: its front is that frame's.
 *
 * @param hips where the pelvis faces, as the turn from the front; whole turns are kept
 * @param chest where the chest faces, likewise: this is the facing
 * @param drop metres the pelvis is below standing, at least 0
 * @param leftHand directions in it are the body's or, as {@code OfPosture}, the frame's
 * @param gaze directions in it are the frame's
 * @param lean of the trunk
 * @param prop what is held, if anything; directions in it are the frame's
 */
public record Pose(
        FootPose left,
        FootPose right,
        WeightShare weight,
        Estimate<Turn> hips,
        Estimate<Turn> chest,
        Estimate<Double> drop,
        HandPlace leftHand,
        HandPlace rightHand,
        Gaze gaze,
        Lean lean,
        Optional<HeldProp> prop) {

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
        return side == Side.LEFT
                ? new Pose(foot, right, weight, hips, chest, drop, leftHand, rightHand, gaze, lean, prop)
                : new Pose(left, foot, weight, hips, chest, drop, leftHand, rightHand, gaze, lean, prop);
    }

    public Pose withHand(Side side, HandPlace place) {
        return side == Side.LEFT
                ? new Pose(left, right, weight, hips, chest, drop, place, rightHand, gaze, lean, prop)
                : new Pose(left, right, weight, hips, chest, drop, leftHand, place, gaze, lean, prop);
    }

    public Pose withWeight(WeightShare share) {
        return new Pose(left, right, share, hips, chest, drop, leftHand, rightHand, gaze, lean, prop);
    }

    public Pose withBody(Estimate<Turn> newHips, Estimate<Turn> newChest) {
        return new Pose(left, right, weight, newHips, newChest, drop, leftHand, rightHand, gaze, lean, prop);
    }

    public Pose withDrop(Estimate<Double> metres) {
        return new Pose(left, right, weight, hips, chest, metres, leftHand, rightHand, gaze, lean, prop);
    }

    public Pose withGaze(Gaze to) {
        return new Pose(left, right, weight, hips, chest, drop, leftHand, rightHand, to, lean, prop);
    }

    public Pose withLean(Lean to) {
        return new Pose(left, right, weight, hips, chest, drop, leftHand, rightHand, gaze, to, prop);
    }

    public Pose withProp(Optional<HeldProp> held) {
        return new Pose(left, right, weight, hips, chest, drop, leftHand, rightHand, gaze, lean, held);
    }

    /** {@return this pose carried round a centre, body and feet} */
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
                Directed.turned(gaze, turn),
                new Lean(lean.degrees(), lean.toward().plus(turn)),
                prop.map(held -> Directed.turned(held, turn)));
    }

    /** {@return this pose carried along the floor} */
    public Pose moved(FloorVector by) {
        return new Pose(
                left.moved(by), right.moved(by), weight, hips, chest, drop, leftHand, rightHand, gaze, lean, prop);
    }
}
