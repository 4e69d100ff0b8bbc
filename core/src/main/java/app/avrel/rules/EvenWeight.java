package app.avrel.rules;

import app.avrel.body.Side;
import app.avrel.house.HouseRule;
import app.avrel.house.Stance;
import java.util.Set;
import java.util.function.Consumer;

/** Weight left even where the house wants it on one leg. */
final class EvenWeight implements MomentRule {

    private static final int ANYWHERE = 0;
    private static final int LEAST = 46;
    private static final int MOST = 54;
    private static final Set<Stance> EVEN = Set.of(Stance.SHOULDER_WIDE, Stance.FEET_TOGETHER, Stance.WIDE_EVEN);
    private static final Set<Stance> UPRIGHT = Set.of(Stance.SHOULDER_WIDE, Stance.FEET_TOGETHER);

    @Override
    public void examine(Watched watched, Consumer<Finding> found) {
        int wanted = watched.rule(HouseRule.EVEN_WEIGHT);
        boolean even = watched.after().weight().least(Side.LEFT) >= LEAST
                && watched.after().weight().most(Side.LEFT) <= MOST;
        boolean shifted = !watched.before().weight().equals(watched.after().weight());
        if (wanted == ANYWHERE || !even || !shifted) {
            return;
        }
        Set<Stance> allowed = wanted == 1 ? EVEN : UPRIGHT;
        if (watched.stance().isEmpty() || !allowed.contains(watched.stance().get())) {
            found.accept(new Finding(
                            "even-weight",
                            Severity.LOOK,
                            watched.where(),
                            "Weight is even",
                            "The weight is shared evenly here; the house wants even weight "
                                    + HouseRule.EVEN_WEIGHT.say(wanted) + ". Say which leg bears more.",
                            "From an even split neither foot is free to step.")
                    .at(Spot.BALANCE));
        }
    }
}
