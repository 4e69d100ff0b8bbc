package app.avrel.rules.check;

import app.avrel.body.Body;
import app.avrel.body.Side;
import app.avrel.form.Moment;
import app.avrel.house.HouseRule;
import app.avrel.house.HouseRules;
import app.avrel.house.Stance;
import app.avrel.mechanics.HeldLeg;
import app.avrel.mechanics.LeastDrop;
import app.avrel.mechanics.Leg;
import app.avrel.mechanics.Naming;
import app.avrel.mechanics.Spacing;
import app.avrel.mechanics.Stand;
import app.avrel.motion.Pose;
import app.avrel.posture.move.Move;
import app.avrel.rules.Where;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Stream;

/** One stage under the eyes of the rules: what is measured of it is measured once, and only where it is known. */
final class Watched {

    /** The share from which a foot bears something. */
    static final double BEARS = 0.05;

    /** Percent from which the floor holds a foot. */
    static final int HELD = 30;

    private final Moment moment;
    private final boolean settled;
    private final Body body;
    private final Where where;
    private final Optional<Stance> stance;
    private final HouseRules rules;
    private final Optional<Stand> stand;
    private final Leg[] legs = new Leg[Side.values().length];

    /** @param settled whether the stance in which the stage ends is settled, and not only passed through */
    Watched(Moment moment, boolean settled, InForce inForce, Where where) {
        this.moment = moment;
        this.settled = settled;
        this.body = inForce.posing().body();
        this.where = where;
        this.stance = Naming.of(moment.after(), body);
        this.rules = inForce.in(stance);
        this.stand = known(moment.after()) ? Optional.of(sunk(Stand.of(moment.after()))) : Optional.empty();
    }

    boolean settled() {
        return settled;
    }

    /** {@return whether a foot's place or direction is only the house's usual} */
    boolean assumesFeet() {
        Pose after = moment.after();
        return Stream.of(after.left(), after.right())
                .anyMatch(foot -> foot.heel().assumed() || foot.heading().assumed());
    }

    /** {@return whether feet, weight, hips and depth of a pose are all recorded} */
    static boolean known(Pose pose) {
        return pose.weight().exact()
                && pose.drop().known()
                && pose.hips().known()
                && pose.left().heel().known()
                && pose.right().heel().known()
                && pose.left().heading().known()
                && pose.right().heading().known();
    }

    /**
     * Bones do not stretch: one stands at least as low as both legs need, once both bear something. A foot that bears
     * nothing need not lie quite as it is said to.
     */
    private Stand sunk(Stand stand) {
        if (Math.min(stand.shareLeft(), 1 - stand.shareLeft()) < BEARS) {
            return stand;
        }
        double least = leastDrop(stand);
        return Double.isFinite(least) ? stand.withDrop(Math.max(stand.drop(), least)) : stand;
    }

    /** {@return whether some height of the house's frames is so low: where no depth is said, it may be that one} */
    boolean framesReach(double drop) {
        return drop <= rule(HouseRule.LOW_FRAME) / 10.0 * body.fist() + 1e-9;
    }

    double leastDrop(Stand of) {
        boolean air = of.left().lifted() || of.right().lifted();
        return air ? of.drop() : LeastDrop.of(of, body).metres();
    }

    Moment moment() {
        return moment;
    }

    Pose before() {
        return moment.before();
    }

    Pose after() {
        return moment.after();
    }

    List<Move> moves() {
        return moment.stage().moves();
    }

    Body body() {
        return body;
    }

    Where where() {
        return where;
    }

    /** {@return the name of the stance in which the stage ends} */
    Optional<Stance> stance() {
        return stance;
    }

    /** {@return the house rules in force in that stance} */
    HouseRules rules() {
        return rules;
    }

    int rule(HouseRule rule) {
        return rules.get(rule);
    }

    /** {@return how one stands at the end of the stage; empty where something of it is not known} */
    Optional<Stand> stand() {
        return stand;
    }

    /** {@return a leg of {@link #stand()}, worked out once} */
    Leg leg(Side side) {
        Leg known = legs[side.ordinal()];
        if (known == null) {
            known = HeldLeg.of(moment.after(), stand.orElseThrow(), side, body);
            legs[side.ordinal()] = known;
        }
        return known;
    }

    /** {@return whether feet, weight, hips or depth are other than before} */
    boolean standsAnew() {
        return standsAnew(moment);
    }

    static boolean standsAnew(Moment moment) {
        Pose before = moment.before();
        Pose after = moment.after();
        return !(Objects.equals(before.weight(), after.weight())
                && Objects.equals(before.drop(), after.drop())
                && Objects.equals(before.hips(), after.hips())
                && Objects.equals(before.left(), after.left())
                && Objects.equals(before.right(), after.right()));
    }

    /** {@return how the feet stand to each other, seen along the way they point: between the two} */
    Spacing alongFeet() {
        return Spacing.alongFeet(moment.after());
    }

    /** {@return the feet that bear at least so many percent} */
    List<Side> bearing(int percent) {
        return Stream.of(Side.values())
                .filter(side -> after().weight().least(side) >= percent)
                .toList();
    }

    double fists(double metres) {
        return metres / body.fist();
    }
}
