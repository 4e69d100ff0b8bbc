package app.avrel.motion;

import app.avrel.body.Body;
import app.avrel.body.Length;
import app.avrel.body.Side;
import app.avrel.body.WeightShare;
import app.avrel.floor.FloorPoint;
import app.avrel.floor.FloorVector;
import app.avrel.floor.Heading;
import app.avrel.floor.Turn;
import app.avrel.posture.StartFoot;
import app.avrel.posture.StartPose;
import app.avrel.posture.move.Gaze;
import java.util.Optional;

/** Poses at the start of a posture. */
public final class Starting {

    private Starting() {}

    /** {@return the start as this body takes it, about the origin, facing the front} */
    public static Pose of(StartPose start, Body body) {
        double ahead = start.leftAhead().map(body::metres).orElse(0.0) / 2;
        double aside = start.width().map(body::metres).orElse(body.shoulderWidth()) / 2;
        boolean placed = start.leftAhead().isPresent() && start.width().isPresent();
        return new Pose(
                foot(Side.LEFT, start.left(), new Estimate<>(new FloorPoint(-aside, ahead), placed)),
                foot(Side.RIGHT, start.right(), new Estimate<>(new FloorPoint(aside, -ahead), placed)),
                start.weight(),
                Estimate.known(start.hips()),
                Estimate.known(Turn.NONE),
                Estimate.known(body.metres(start.drop())),
                start.leftHand(),
                start.rightHand(),
                Gaze.AHEAD,
                Lean.UPRIGHT,
                start.prop());
    }

    private static FootPose foot(Side side, StartFoot foot, Estimate<FloorPoint> heel) {
        Heading toes = Heading.wrapping(side.sign() * foot.toesOut());
        return FootPose.standing(heel, toes, foot.contact());
    }

    /**
     * {@return the start laid on the floor where {@code before} stands}
     *
     * <p>The start's more loaded foot comes to lie on that foot, turned so that the facings agree; where both bear alike,
     * both are as near to theirs as can be. Whole turns made so far are kept.
     */
    public static Pose placed(StartPose start, Pose before, Body body) {
        Pose own = of(start, body);
        Pose turned = own.turned(FloorPoint.ORIGIN, before.chest().value());
        WeightShare weight = own.weight();
        boolean alike = weight.leastLeft() + weight.mostLeft() == 100;
        FloorVector left = way(turned, before, Side.LEFT);
        FloorVector right = way(turned, before, Side.RIGHT);
        FloorVector heavier = weight.heavier() == Side.LEFT ? left : right;
        return turned.moved(alike ? left.plus(right).times(0.5) : heavier);
    }

    private static FloorVector way(Pose from, Pose to, Side foot) {
        return to.foot(foot).heel().value().minus(from.foot(foot).heel().value());
    }

    /** {@return what must be recorded as the start so that it stands as {@code pose} does: lengths in foot-lengths} */
    public static StartPose startingFrom(Pose pose, Body body) {
        FloorVector between =
                pose.left().heel().value().minus(pose.right().heel().value());
        boolean placed = pose.left().heel().known() && pose.right().heel().known();
        double ahead = between.along(pose.facing());
        double width = -between.along(pose.facing().right());
        return new StartPose(
                startFoot(pose, Side.LEFT),
                startFoot(pose, Side.RIGHT),
                placed ? Optional.of(rounded(ahead / body.footLength())) : Optional.empty(),
                placed ? Optional.of(rounded(width / body.footLength())) : Optional.empty(),
                pose.weight(),
                Length.fists(Math.round(pose.drop().value() / body.fist() * 10) / 10.0),
                new Turn(Math.clamp(
                        pose.hips().value().minus(pose.chest().value()).degrees(), -30, 30)),
                pose.leftHand(),
                pose.rightHand(),
                pose.prop().map(held -> held));
    }

    private static Length rounded(double footLengths) {
        return Length.footLengths(Math.round(footLengths * 100) / 100.0);
    }

    private static StartFoot startFoot(Pose pose, Side side) {
        double turned = pose.facing().turnTo(pose.foot(side).heading().value()).degrees();
        return new StartFoot(Math.round(side.sign() * turned), pose.foot(side).contact());
    }
}
