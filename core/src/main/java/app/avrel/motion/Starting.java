package app.avrel.motion;

import app.avrel.body.Body;
import app.avrel.body.Length;
import app.avrel.body.LengthUnit;
import app.avrel.body.Side;
import app.avrel.body.WeightShare;
import app.avrel.floor.Bearing;
import app.avrel.floor.FloorPoint;
import app.avrel.floor.FloorVector;
import app.avrel.floor.Turn;
import app.avrel.posture.StartFoot;
import app.avrel.posture.StartPose;
import app.avrel.posture.move.Gaze;
import java.util.Optional;

/** Poses at the start of a posture. */
public final class Starting {

    /** Fists below standing where no depth is said: the knees are not locked. */
    static final double SOFT_KNEES = 0.5;

    private Starting() {}

    /** {@return the start as this body takes it, about the origin, facing the front} */
    public static Pose of(StartPose start, Body body) {
        double ahead = start.leftAhead().map(body::metres).orElse(0.0) / 2;
        double aside = start.width().map(body::metres).orElse(body.shoulderWidth()) / 2;
        boolean placed = start.leftAhead().isPresent() && start.width().isPresent();
        return new Pose(
                foot(Side.LEFT, start.left(), placed(new FloorPoint(-aside, ahead), placed)),
                foot(Side.RIGHT, start.right(), placed(new FloorPoint(aside, -ahead), placed)),
                start.weight(),
                start.hips().equals(Turn.NONE)
                        ? new Estimate<>(Turn.NONE, Estimate.Basis.DERIVED)
                        : Estimate.known(start.hips()),
                Estimate.known(Turn.NONE),
                start.drop()
                        .map(said -> Estimate.known(body.metres(said)))
                        .orElseGet(() -> Estimate.assumed(SOFT_KNEES * body.fist())),
                start.leftHand(),
                start.rightHand(),
                Optional.empty(),
                start.gaze().orElse(Gaze.AHEAD),
                new Lean(start.incline().orElse(0), Bearing.FRONT),
                StanceLine.of(Bearing.FRONT),
                start.prop());
    }

    private static Estimate<FloorPoint> placed(FloorPoint heel, boolean placed) {
        return placed ? Estimate.known(heel) : Estimate.unknown(heel);
    }

    private static FootPose foot(Side side, StartFoot foot, Estimate<FloorPoint> heel) {
        Bearing toes = Bearing.wrapping(side.sign() * foot.toesOut());
        return FootPose.standing(heel, toes, foot.contact());
    }

    /**
     * {@return where a start's own frame stands in the frame of the pose before it}
     *
     * <p>The start's more loaded foot comes to lie on that foot, turned so that the facings agree; where both bear alike,
     * both are as near to theirs as can be. Whole turns made so far are kept.
     */
    public static Placement placed(StartPose start, Pose before, Body body) {
        Pose own = of(start, body);
        Turn turn = before.chest().value();
        Pose turned = own.turned(FloorPoint.ORIGIN, turn);
        WeightShare weight = own.weight();
        boolean alike = weight.leastLeft() + weight.mostLeft() == 100;
        FloorVector left = way(turned, before, Side.LEFT);
        FloorVector right = way(turned, before, Side.RIGHT);
        FloorVector heavier = weight.heavier() == Side.LEFT ? left : right;
        return new Placement(turn, alike ? left.plus(right).times(0.5) : heavier);
    }

    private static FloorVector way(Pose from, Pose to, Side foot) {
        return to.foot(foot).heel().value().minus(from.foot(foot).heel().value());
    }

    /**
     * {@return what must be recorded as the start so that it stands as {@code pose} does: lengths in foot-lengths,
     * directions from where it faces}
     */
    public static StartPose startingFrom(Pose pose, Body body) {
        Pose own = Placement.ownFrameOf(pose).inverse().of(pose);
        FloorVector between = own.left().heel().value().minus(own.right().heel().value());
        return new StartPose(
                startFoot(own, Side.LEFT),
                startFoot(own, Side.RIGHT),
                own.placed() ? Optional.of(rounded(between.ahead() / body.footLength())) : Optional.empty(),
                own.placed() ? Optional.of(rounded(-between.right() / body.footLength())) : Optional.empty(),
                own.weight(),
                own.drop().assumed()
                        ? Optional.empty()
                        : Optional.of(Length.limited(
                                Math.round(own.drop().value() / body.fist() * 10) / 10.0, LengthUnit.FIST)),
                new Turn(Math.clamp(own.hips().value().degrees(), -30, 30)),
                own.leftHand(),
                own.rightHand(),
                own.prop(),
                own.gaze() instanceof Gaze.Ahead ? Optional.empty() : Optional.of(own.gaze()),
                own.lean().degrees() == 0
                        ? Optional.empty()
                        : Optional.of(own.lean().degrees()));
    }

    private static Length rounded(double footLengths) {
        return Length.limited(footLengths, LengthUnit.FOOT_LENGTH);
    }

    private static StartFoot startFoot(Pose pose, Side side) {
        double turned = pose.facing().turnTo(pose.foot(side).heading().value()).degrees();
        return new StartFoot(Math.round(side.sign() * turned), pose.foot(side).contact());
    }
}
