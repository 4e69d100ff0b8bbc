package app.avrel.mechanics;

import app.avrel.body.Body;
import app.avrel.body.Side;
import app.avrel.floor.Bearing;
import app.avrel.floor.Direction;
import app.avrel.floor.FloorPoint;
import app.avrel.floor.SpacePoint;
import app.avrel.motion.CentreOfMass;
import app.avrel.motion.Pose;
import app.avrel.posture.hand.HeldProp;
import app.avrel.posture.move.Gaze;
import java.util.Optional;

/**
 * A pose in numbers that go over smoothly into those of another: what the figure is drawn from.
 *
 * @param pelvis the place below the pelvis' centre
 * @param hips degrees of the hall, whole turns kept
 * @param chest likewise
 * @param drop metres the pelvis is below standing
 * @param lean how the trunk inclines: its tip for one metre of length, level
 * @param gaze degrees the eyes are turned against the chest
 */
public record Rig(
        FootRig left,
        FootRig right,
        FloorPoint pelvis,
        double hips,
        double chest,
        double drop,
        SpacePoint lean,
        HandRig leftHand,
        HandRig rightHand,
        double gaze,
        Optional<HeldProp> prop) {

    /** How far feet, weight and hands are on their way. */
    public record Progress(double feet, double weight, double body, double hands) {

        /** {@return everything at once} */
        public static Progress together(double share) {
            return new Progress(share, share, share, share);
        }
    }

    /** {@return the rig of a pose} */
    public static Rig of(Pose pose, Body body) {
        FloorPoint pelvis = CentreOfMass.of(pose, body);
        FootRig left = Rigging.foot(pose, Side.LEFT, pelvis, body);
        FootRig right = Rigging.foot(pose, Side.RIGHT, pelvis, body);
        SpacePoint lean = SpacePoint.along(pose.lean().toward().degrees())
                .times(Math.sin(Math.toRadians(pose.lean().degrees())));
        Reaching reaching = new Reaching(pose, body, pelvis, left, right);
        return new Rig(
                left,
                right,
                pelvis,
                pose.hips().value().degrees(),
                pose.chest().value().degrees(),
                pose.drop().value(),
                lean,
                reaching.hand(Side.LEFT),
                reaching.hand(Side.RIGHT),
                gaze(pose),
                pose.prop());
    }

    private static double gaze(Pose pose) {
        Bearing facing = pose.facing();
        return switch (pose.gaze()) {
            case Gaze.Ahead _ -> 0;
            case Gaze.AtHand(Side hand, var _) -> hand.sign() * 25;
            case Gaze.Toward(Direction.OfPosture(Bearing heading)) ->
                Math.clamp(facing.turnTo(heading).degrees(), -80, 80);
            case Gaze.Toward(Direction.OfBody(var turn)) -> Math.clamp(turn.degrees(), -80, 80);
        };
    }

    public FootRig foot(Side side) {
        return side == Side.LEFT ? left : right;
    }

    public HandRig hand(Side side) {
        return side == Side.LEFT ? leftHand : rightHand;
    }

    /** {@return the rig on its way to another} */
    public Rig towards(Rig other, Progress progress, Body body) {
        double turned = progress.body();
        return new Rig(
                left.towards(other.left, progress.feet(), body),
                right.towards(other.right, progress.feet(), body),
                pelvis.towards(other.pelvis, progress.weight()),
                hips + (other.hips - hips) * turned,
                chest + (other.chest - chest) * turned,
                drop + (other.drop - drop) * turned,
                lean.towards(other.lean, turned),
                leftHand.towards(other.leftHand, progress.hands()),
                rightHand.towards(other.rightHand, progress.hands()),
                gaze + (other.gaze - gaze) * turned,
                progress.hands() < 0.5 ? prop : other.prop);
    }

    /** {@return this rig's hand, its palm at the place of the room where it is in another rig} */
    public HandRig stayingWhereIn(Rig other, Side side) {
        SpacePoint room =
                SpacePoint.over(other.pelvis, 0).plus(other.hand(side).palm().turned(other.chest));
        HandRig hand = hand(side);
        SpacePoint palm = room.minus(SpacePoint.over(pelvis, 0)).turned(-chest);
        return new HandRig(palm, hand.facing(), hand.fingers(), hand.elbow(), hand.shape());
    }

    /** {@return this rig with the hands of another} */
    public Rig withHands(HandRig newLeft, HandRig newRight) {
        return new Rig(left, right, pelvis, hips, chest, drop, lean, newLeft, newRight, gaze, prop);
    }
}
