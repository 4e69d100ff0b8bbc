package app.avrel.mechanics;

import app.avrel.body.Body;
import app.avrel.body.Landmark;
import app.avrel.body.Proportions;
import app.avrel.body.Side;
import app.avrel.floor.FloorPoint;
import app.avrel.floor.SpacePoint;
import app.avrel.motion.Air;
import app.avrel.motion.FootPose;
import app.avrel.motion.Pose;
import app.avrel.posture.move.HangingToes;

/** Feet in space from feet in a pose. */
final class Rigging {

    private static final double HOVER = 0.03;

    private Rigging() {}

    static FootRig foot(Pose pose, Side side, FloorPoint pelvis, Body body) {
        FootPose foot = pose.foot(side);
        double heading = foot.heading().value().degrees();
        SpacePoint heel = SpacePoint.over(foot.heel().value(), 0);
        return switch (foot.contact()) {
            case FLAT -> FootRig.standing(heel, 0, heading, 0, body);
            case HEEL ->
                FootRig.standing(
                        SpacePoint.over(foot.point(body, FootPose.HEEL_PRESSURE), 0),
                        FootPose.HEEL_PRESSURE,
                        heading,
                        pitch(foot, FootPose.HEEL_PRESSURE - 1, Sole.TOES_UP, body),
                        body);
            case BALL ->
                FootRig.standing(
                        SpacePoint.over(foot.point(body, FootPose.BALL), 0),
                        FootPose.BALL,
                        heading,
                        -pitch(foot, FootPose.BALL, Sole.HEEL_UP, body),
                        body);
            case LIFTED -> lifted(pose, side, pelvis, body);
        };
    }

    /** Degrees that raise the end of the sole so far from where it stands; the usual where that was not said. */
    private static double pitch(FootPose foot, double share, double usual, Body body) {
        return foot.raised()
                .map(height -> Math.toDegrees(
                        Math.asin(Math.clamp(body.metres(height) / (Math.abs(share) * body.footLength()), 0, 0.9))))
                .orElse(usual);
    }

    private static FootRig lifted(Pose pose, Side side, FloorPoint pelvis, Body body) {
        FootPose foot = pose.foot(side);
        Air air = foot.air().orElse(Air.JUST_OFF);
        if (air.kick().isPresent()) {
            return kicking(pose, side, air.kick().get(), pelvis, body);
        }
        if (air.knee().isPresent()) {
            return kneeUp(pose, side, air, pelvis, body);
        }
        double off = air.height().map(body::metres).orElse(HOVER * body.stature());
        SpacePoint heel = SpacePoint.over(foot.heel().value(), off);
        return hold(FootRig.standing(heel, 0, foot.heading().value().degrees(), toes(air), body));
    }

    private static FootRig hold(FootRig foot) {
        return new FootRig(foot.ankle(), foot.heading(), foot.pitch(), 1);
    }

    private static double toes(Air air) {
        HangingToes toes = air.toes().orElse(HangingToes.HANGING);
        return switch (toes) {
            case HANGING -> -30;
            case FLEXED -> 10;
            case POINTED -> -55;
        };
    }

    /** The thigh goes ahead as far as its length lets the knee be so high; the shank hangs from it. */
    private static FootRig kneeUp(Pose pose, Side side, Air air, FloorPoint pelvis, Body body) {
        double stature = body.stature();
        SpacePoint hip = hip(pose, side, pelvis, body);
        double knee = air.knee().orElse(Landmark.HIP).shareOfStature() * stature
                - pose.drop().value() * 0.6;
        double above =
                Math.clamp(knee - hip.up(), -0.95 * Proportions.THIGH * stature, 0.7 * Proportions.THIGH * stature);
        double ahead = Math.sqrt(Math.pow(Proportions.THIGH * stature, 2) - above * above);
        double heading = pose.pelvis().degrees();
        SpacePoint at = hip.plus(SpacePoint.along(heading).times(ahead)).plus(SpacePoint.UP.times(above));
        SpacePoint down = SpacePoint.along(heading).times(-0.12).plus(SpacePoint.UP.times(-1));
        SpacePoint ankle = at.plus(down.unit(SpacePoint.UP).times(Proportions.SHANK * stature));
        return new FootRig(ankle, heading, toes(air), 1);
    }

    private static FootRig kicking(Pose pose, Side side, Air.Out out, FloorPoint pelvis, Body body) {
        double stature = body.stature();
        SpacePoint hip = hip(pose, side, pelvis, body);
        double height = out.height().orElse(Landmark.KNEE).shareOfStature() * stature;
        double leg = 0.985 * Proportions.LEG * stature;
        double below = Math.clamp(height - hip.up(), -0.95 * leg, 0.6 * leg);
        double reach = Math.sqrt(leg * leg - below * below);
        double heading = out.toward().degrees();
        SpacePoint ankle = hip.plus(SpacePoint.along(heading).times(reach)).plus(SpacePoint.UP.times(below));
        double pitch = switch (out.kick()) {
            case HEEL -> 65;
            case TOE -> 10;
            case TOP_OF_FOOT -> -35;
            case OUTER_SWEEP, INNER_SWEEP -> 50;
        };
        return new FootRig(ankle, heading, pitch, 1);
    }

    static SpacePoint hip(Pose pose, Side side, FloorPoint pelvis, Body body) {
        return SpacePoint.over(
                        pelvis,
                        Proportions.HIP_HEIGHT * body.stature() - pose.drop().value())
                .plus(SpacePoint.along(pose.pelvis().degrees() + 90)
                        .times(side.sign() * Proportions.HALF_HIPS * body.stature()));
    }
}
