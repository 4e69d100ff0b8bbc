package app.avrel.form;

import app.avrel.body.Body;
import app.avrel.body.Side;
import app.avrel.house.HouseRule;
import app.avrel.house.HouseRules;
import app.avrel.mechanics.Spacing;
import app.avrel.motion.FootPose;
import app.avrel.motion.Performer;
import app.avrel.motion.Pose;
import app.avrel.posture.hand.HandPlace;
import app.avrel.posture.hand.HeldProp;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Where one posture meets the next.
 *
 * @param mismatches what differs by more than the house rules' tolerances; what is not known never differs
 */
public record Join(List<Mismatch> mismatches) {

    /** Half a fist of depth is not noticed. */
    private static final double DEPTH_TOLERANCE_FISTS = 0.5;

    public Join {
        mismatches = List.copyOf(mismatches);
    }

    public boolean fits() {
        return mismatches.isEmpty();
    }

    /** {@return what differs between the pose in which one arrives and that in which the posture starts} */
    public static Join between(Pose arrived, Pose start, Performer posing) {
        if (arrived.equals(start)) {
            return new Join(List.of());
        }
        List<Mismatch> found = new ArrayList<>();
        feet(arrived, start, posing, found);
        weight(arrived, start, posing.rules(), found);
        body(arrived, start, posing, found);
        if (!held(arrived).equals(held(start))) {
            found.add(new Mismatch.Held(arrived.prop(), start.prop()));
        }
        for (Side side : Side.values()) {
            hand(side, arrived.hand(side), start.hand(side), posing.rules(), found);
        }
        return new Join(found);
    }

    /** What is held, by which hand, open or closed; where it points may change on the way. */
    private static Optional<HeldProp> held(Pose pose) {
        return pose.prop()
                .map(held -> new HeldProp(held.prop(), held.held(), held.state(), Optional.empty(), Optional.empty()));
    }

    private static void feet(Pose arrived, Pose start, Performer posing, List<Mismatch> found) {
        if (placed(arrived) && placed(start)) {
            Body body = posing.body();
            double tolerance = posing.rules().get(HouseRule.PLACE_TOLERANCE) / 100.0 * body.footLength();
            Spacing from = Spacing.of(arrived);
            Spacing to = Spacing.of(start);
            if (differ(from.leftLead(), to.leftLead(), tolerance)) {
                found.add(new Mismatch.Length(from.leftLead(), to.leftLead()));
            }
            if (differ(from.width(), to.width(), tolerance)) {
                found.add(new Mismatch.Width(from.width(), to.width()));
            }
        }
        for (Side side : Side.values()) {
            foot(side, arrived, start, posing.rules(), found);
        }
    }

    private static boolean placed(Pose pose) {
        return pose.left().heel().known() && pose.right().heel().known();
    }

    private static boolean differ(double one, double other, double tolerance) {
        return Math.abs(one - other) > tolerance + 1e-9;
    }

    private static void foot(Side side, Pose arrived, Pose start, HouseRules rules, List<Mismatch> found) {
        FootPose from = arrived.foot(side);
        FootPose to = start.foot(side);
        if (from.contact() != to.contact()) {
            found.add(new Mismatch.Touch(side, from.contact(), to.contact()));
        }
        boolean known = from.heading().known() && to.heading().known() && !from.lifted() && !to.lifted();
        double off = from.heading().value().degreesFrom(to.heading().value());
        if (known && off > rules.get(HouseRule.ANGLE_TOLERANCE) + 1e-9) {
            found.add(new Mismatch.ToesOut(side, toesOut(side, arrived), toesOut(side, start)));
        }
    }

    private static double toesOut(Side side, Pose pose) {
        return side.sign()
                * pose.facing().turnTo(pose.foot(side).heading().value()).degrees();
    }

    private static void weight(Pose arrived, Pose start, HouseRules rules, List<Mismatch> found) {
        if (arrived.weight().pointsFrom(start.weight()) > rules.get(HouseRule.WEIGHT_TOLERANCE)) {
            found.add(new Mismatch.Weight(arrived.weight(), start.weight()));
        }
    }

    private static void body(Pose arrived, Pose start, Performer posing, List<Mismatch> found) {
        double from = twist(arrived);
        double to = twist(start);
        boolean known = arrived.hips().known() && arrived.chest().known();
        if (known && differ(from, to, posing.rules().get(HouseRule.ANGLE_TOLERANCE))) {
            found.add(new Mismatch.Hips(from, to));
        }
        double fists = DEPTH_TOLERANCE_FISTS * posing.body().fist();
        if (arrived.drop().known()
                && differ(arrived.drop().value(), start.drop().value(), fists)) {
            found.add(new Mismatch.Drop(arrived.drop().value(), start.drop().value()));
        }
    }

    private static double twist(Pose pose) {
        return pose.hips().value().minus(pose.chest().value()).degrees();
    }

    private static void hand(Side side, HandPlace arrived, HandPlace wanted, HouseRules rules, List<Mismatch> found) {
        boolean height = bothSay(arrived.height().isPresent(), wanted.height().isPresent())
                && arrived.height().get().stepsFrom(wanted.height().get()) > rules.get(HouseRule.HAND_TOLERANCE);
        boolean palm = bothSay(arrived.palm().isPresent(), wanted.palm().isPresent())
                && !arrived.palm().equals(wanted.palm());
        boolean shape = bothSay(arrived.shape().isPresent(), wanted.shape().isPresent())
                && !arrived.shape().equals(wanted.shape());
        if (height || palm || shape) {
            found.add(new Mismatch.Hand(side, arrived, wanted));
        }
    }

    private static boolean bothSay(boolean arrived, boolean wanted) {
        return arrived && wanted;
    }
}
