package app.avrel.mechanics;

import app.avrel.body.Body;
import app.avrel.body.Proportions;
import app.avrel.body.Side;
import app.avrel.floor.SpacePoint;
import app.avrel.motion.FootPose;
import app.avrel.posture.hand.HandShape;

/**
 * The joints of a body in the hall, in metres.
 *
 * <p>Bones keep their lengths: where a leg does not reach, the pelvis sinks until it does.
 *
 * @param pelvis the centre between the hip joints
 * @param chest between the shoulder joints
 * @param head the middle of the head
 * @param face the way the eyes look, one metre long
 * @param front the way the chest faces, one metre long
 */
public record Skeleton(
        SpacePoint pelvis,
        SpacePoint chest,
        SpacePoint head,
        SpacePoint face,
        SpacePoint front,
        Limbs left,
        Limbs right) {

    /**
     * One side's arm and leg.
     *
     * @param ankle, heel and toe the end of the leg; {@code ball} the base of the big toe
     * @param palm the palm's centre
     * @param facing the way the palm looks, one metre long
     * @param fingers the way the fingers point, one metre long
     */
    public record Limbs(
            SpacePoint hip,
            SpacePoint knee,
            SpacePoint ankle,
            SpacePoint heel,
            SpacePoint ball,
            SpacePoint toe,
            SpacePoint shoulder,
            SpacePoint elbow,
            SpacePoint wrist,
            SpacePoint palm,
            SpacePoint facing,
            SpacePoint fingers,
            HandShape shape) {}

    public Limbs limbs(Side side) {
        return side == Side.LEFT ? left : right;
    }

    /** {@return the joints of a rig} */
    public static Skeleton of(Rig rig, Body body) {
        double drop = sunk(rig, body);
        double stature = body.stature();
        SpacePoint pelvis = SpacePoint.over(rig.pelvis(), Proportions.HIP_HEIGHT * stature - drop);
        SpacePoint spine = rig.lean()
                .plus(SpacePoint.UP.times(Math.sqrt(Math.max(0.1, 1 - rig.lean().dot(rig.lean())))));
        SpacePoint chest = pelvis.plus(spine.times((Proportions.SHOULDER_HEIGHT - Proportions.HIP_HEIGHT) * stature));
        SpacePoint head = pelvis.plus(spine.times((Proportions.HEAD_CENTRE - Proportions.HIP_HEIGHT) * stature));
        SpacePoint front = SpacePoint.along(rig.chest());
        Trunk trunk = new Trunk(rig, body, pelvis, chest, drop - rig.drop());
        return new Skeleton(
                pelvis,
                chest,
                head,
                SpacePoint.along(rig.chest() + rig.gaze()),
                front,
                trunk.limbs(Side.LEFT),
                trunk.limbs(Side.RIGHT));
    }

    /** {@return metres below standing so that both legs reach feet that stand: at least what was said} */
    static double sunk(Rig rig, Body body) {
        double drop = rig.drop();
        for (Side side : Side.values()) {
            if (rig.foot(side).planted()) {
                drop = Math.max(drop, least(rig, side, body));
            }
        }
        return drop;
    }

    private static double least(Rig rig, Side side, Body body) {
        double stature = body.stature();
        SpacePoint hip = SpacePoint.over(rig.pelvis(), 0)
                .plus(SpacePoint.along(rig.hips() + 90).times(side.sign() * Proportions.HALF_HIPS * stature));
        SpacePoint ankle = rig.foot(side).ankle();
        double right = hip.right() - ankle.right();
        double ahead = hip.ahead() - ankle.ahead();
        double leg = Proportions.LEG * stature;
        double up = Math.sqrt(Math.max(0, leg * leg - right * right - ahead * ahead));
        return Proportions.HIP_HEIGHT * stature - ankle.up() - up;
    }

    /** What both sides hang on. */
    private record Trunk(Rig rig, Body body, SpacePoint pelvis, SpacePoint chest, double sunkFurther) {

        Limbs limbs(Side side) {
            double stature = body.stature();
            SpacePoint hip =
                    pelvis.plus(SpacePoint.along(rig.hips() + 90).times(side.sign() * Proportions.HALF_HIPS * stature));
            FootRig foot = reached(rig.foot(side), hip);
            SpacePoint toes = SpacePoint.along(foot.heading());
            SpacePoint pole = SpacePoint.along(rig.hips()).times(foot.free()).plus(toes);
            SpacePoint knee =
                    TwoBones.between(hip, foot.ankle(), Proportions.THIGH * stature, Proportions.SHANK * stature, pole);
            SpacePoint shoulder =
                    chest.plus(SpacePoint.along(rig.chest() + 90).times(side.sign() * body.halfShoulders()));
            HandRig hand = rig.hand(side);
            SpacePoint wanted = SpacePoint.over(rig.pelvis(), 0)
                    .plus(hand.palm().turned(rig.chest()))
                    .plus(SpacePoint.UP.times(-sunkFurther))
                    .plus(chest.minus(pelvis)
                            .minus(SpacePoint.UP.times(chest.up() - pelvis.up()))
                            .times(0.9));
            double reach = (Proportions.UPPER_ARM + Proportions.FOREARM + Proportions.HALF_HAND) * stature;
            SpacePoint above = new SpacePoint(wanted.right(), wanted.ahead(), Math.max(0.03, wanted.up()));
            SpacePoint palm = within(shoulder, above, reach);
            double second = (Proportions.FOREARM + Proportions.HALF_HAND) * stature;
            SpacePoint elbow = TwoBones.between(
                    shoulder,
                    palm,
                    Proportions.UPPER_ARM * stature,
                    second,
                    hand.elbow().turned(rig.chest()));
            SpacePoint wrist = elbow.towards(palm, Proportions.FOREARM * stature / second);
            return new Limbs(
                    hip,
                    knee,
                    foot.ankle(),
                    foot.sole(body, 0),
                    foot.sole(body, FootPose.BALL),
                    foot.sole(body, 1),
                    shoulder,
                    elbow,
                    wrist,
                    palm,
                    hand.facing().turned(rig.chest()),
                    hand.fingers().turned(rig.chest()),
                    hand.shape());
        }

        /** A foot further away than the leg is long comes to where the leg ends. */
        private FootRig reached(FootRig foot, SpacePoint hip) {
            SpacePoint ankle = within(hip, foot.ankle(), Proportions.LEG * body.stature());
            return new FootRig(ankle, foot.heading(), foot.pitch(), foot.free());
        }

        private static SpacePoint within(SpacePoint from, SpacePoint to, double most) {
            SpacePoint way = to.minus(from);
            double length = way.length();
            return length <= most ? to : from.plus(way.times(most / length));
        }
    }
}
