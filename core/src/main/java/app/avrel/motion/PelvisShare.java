package app.avrel.motion;

import app.avrel.body.Side;
import app.avrel.floor.Bearing;
import app.avrel.floor.Turn;
import app.avrel.house.HouseRule;
import app.avrel.house.HouseRules;
import app.avrel.motion.Estimate.Basis;
import app.avrel.posture.move.Contact;

/**
 * How a turn is shared where the record does not say it: the pelvis goes with the chest as far as both hips allow without
 * twisting a standing knee, the trunk does the rest up to 30°, and what is left over twists.
 */
final class PelvisShare {

    /** Degrees that a trunk turns against the pelvis. */
    static final double TRUNK = 30;

    /** Percent from which the floor holds a foot. */
    private static final int HELD = 30;

    private PelvisShare() {}

    static Pose of(Pose before, Pose pose, HouseRules rules) {
        if (pose.hips().basis() != Basis.DERIVED) {
            return pose;
        }
        double chest = pose.chest().value().degrees();
        double least = -Double.MAX_VALUE;
        double most = Double.MAX_VALUE;
        for (Side side : Side.values()) {
            FootPose foot = pose.foot(side);
            if (foot.contact() == Contact.FLAT && pose.weight().most(side) >= HELD) {
                double toes = toes(before, pose, side);
                double in = rules.get(HouseRule.TOES_IN_RANGE);
                double out = rules.get(HouseRule.TOES_OUT_RANGE);
                least = Math.max(least, toes - (side == Side.LEFT ? in : out));
                most = Math.min(most, toes + (side == Side.LEFT ? out : in));
            }
        }
        double allowed = least > most ? (least + most) / 2 : Math.clamp(chest, least, most);
        double pelvis = Math.clamp(allowed, chest - TRUNK, chest + TRUNK);
        return pelvis == pose.hips().value().degrees()
                ? pose
                : pose.withBody(new Estimate<>(new Turn(pelvis), Basis.DERIVED), pose.chest());
    }

    /** Where the toes point as a turn from the front, whole turns kept: counted on from the hips before the stage. */
    private static double toes(Pose before, Pose pose, Side side) {
        Bearing was = before.foot(side).heading().value();
        return before.hips().value().degrees()
                + turn(before.pelvis(), was, side)
                + turn(was, pose.foot(side).heading().value(), side);
    }

    /** The shorter way round; half way round it is the foot's outer one, so that both sides are alike. */
    private static double turn(Bearing from, Bearing to, Side side) {
        double turn = from.turnTo(to).degrees();
        return Math.abs(turn) > 180 - 1e-9 ? side.sign() * 180 : turn;
    }
}
