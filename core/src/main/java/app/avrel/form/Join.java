package app.avrel.form;

import app.avrel.body.Body;
import app.avrel.body.Side;
import app.avrel.floor.Turn;
import app.avrel.house.HouseRule;
import app.avrel.house.HouseRules;
import app.avrel.mechanics.Spacing;
import app.avrel.motion.FootPose;
import app.avrel.motion.Performer;
import app.avrel.motion.Pose;
import app.avrel.posture.hand.HandPlace;
import app.avrel.posture.hand.HeldProp;
import app.avrel.posture.hand.Sideways;
import app.avrel.posture.move.Gaze;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BiPredicate;

/**
 * Where one posture meets the next.
 *
 * @param mismatches what differs by more than the house rules' tolerances; what is not known never differs
 */
public record Join(List<Mismatch> mismatches) {

    /** Half a fist of depth is not noticed. */
    private static final double DEPTH_TOLERANCE_FISTS = 0.5;

    /** Shoulder halves that a hand may be to the side. */
    private static final double SIDEWAYS_TOLERANCE = 0.6;

    /** Percent of the arm that a hand may be nearer or further. */
    private static final int REACH_TOLERANCE = 25;

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
        feetAtLeast(arrived, start, posing, found);
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
                .map(held -> new HeldProp(
                        held.prop(), held.held(), held.state(), Optional.empty(), Optional.empty(), Optional.empty()));
    }

    /** Where the chest is turned otherwise, the feet are compared along chest or pelvis, as less of them differs. */
    private static void feetAtLeast(Pose arrived, Pose start, Performer posing, List<Mismatch> found) {
        List<Mismatch> alongChest = new ArrayList<>();
        feet(arrived, start, posing, alongChest);
        if (!alongChest.isEmpty() && wound(arrived, start, posing.rules())) {
            List<Mismatch> alongPelvis = new ArrayList<>();
            feet(unwound(arrived, start), start, posing, alongPelvis);
            found.addAll(alongPelvis.size() < alongChest.size() ? alongPelvis : alongChest);
        } else {
            found.addAll(alongChest);
        }
    }

    private static void feet(Pose arrived, Pose start, Performer posing, List<Mismatch> found) {
        if (arrived.placed() && start.placed()) {
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

    /**
     * The same pose with its chest turned against the pelvis as in another: a chest that is turned otherwise is one
     * difference, and no other of the feet.
     */
    private static Pose unwound(Pose arrived, Pose start) {
        double twist = twist(arrived) - twist(start);
        return arrived.withChest(arrived.chest().map(chest -> chest.plus(new Turn(twist))));
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
        double off = Math.abs(Math.IEEEremainder(toesOut(side, arrived) - toesOut(side, start), 360));
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

    private static boolean wound(Pose arrived, Pose start, HouseRules rules) {
        boolean known = arrived.hips().known() && arrived.chest().known();
        return known && differ(twist(arrived), twist(start), rules.get(HouseRule.ANGLE_TOLERANCE));
    }

    private static void body(Pose arrived, Pose start, Performer posing, List<Mismatch> found) {
        if (wound(arrived, start, posing.rules())) {
            found.add(new Mismatch.Chest(-twist(arrived), -twist(start)));
        }
        double fists = DEPTH_TOLERANCE_FISTS * posing.body().fist();
        if (arrived.drop().known()
                && !start.drop().assumed()
                && differ(arrived.drop().value(), start.drop().value(), fists)) {
            found.add(new Mismatch.Drop(arrived.drop().value(), start.drop().value()));
        }
        int angle = posing.rules().get(HouseRule.ANGLE_TOLERANCE);
        if (differ(arrived.lean().degrees(), start.lean().degrees(), angle)) {
            found.add(
                    new Mismatch.Incline(arrived.lean().degrees(), start.lean().degrees()));
        }
        if (!(start.gaze() instanceof Gaze.Ahead) && !arrived.gaze().equals(start.gaze())) {
            found.add(new Mismatch.Eyes(arrived.gaze(), start.gaze()));
        }
    }

    private static double twist(Pose pose) {
        return pose.hips().value().minus(pose.chest().value()).degrees();
    }

    private static void hand(Side side, HandPlace arrived, HandPlace wanted, HouseRules rules, List<Mismatch> found) {
        boolean height = differ(
                arrived.height(),
                wanted.height(),
                (from, to) -> from.stepsFrom(to) > rules.get(HouseRule.HAND_TOLERANCE));
        boolean sideways = differ(arrived.sideways(), wanted.sideways(), Join::apart);
        boolean reach = differ(
                arrived.reach(),
                wanted.reach(),
                (from, to) -> Math.abs(from.percent() - to.percent()) > REACH_TOLERANCE);
        boolean looks = differ(arrived.palm(), wanted.palm(), (from, to) -> from != to)
                || differ(arrived.shape(), wanted.shape(), (from, to) -> from != to);
        boolean against = differ(arrived.at(), wanted.at(), (from, to) -> from != to);
        if (height || sideways || reach || looks || against) {
            found.add(new Mismatch.Hand(side, arrived, wanted));
        }
    }

    /** What is not said of one or the other never differs. */
    private static <T> boolean differ(Optional<T> arrived, Optional<T> wanted, BiPredicate<T, T> apart) {
        return arrived.isPresent() && wanted.isPresent() && apart.test(arrived.get(), wanted.get());
    }

    private static boolean apart(Sideways from, Sideways to) {
        return switch (from) {
            case Sideways.Across(double one)
            when to instanceof Sideways.Across(double other) -> Math.abs(one - other) > SIDEWAYS_TOLERANCE;
            case Sideways.Toward one when to instanceof Sideways.Toward other -> !one.equals(other);
            case Sideways.Across _, Sideways.Toward _ -> false;
        };
    }
}
