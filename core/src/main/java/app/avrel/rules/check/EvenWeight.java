package app.avrel.rules.check;

import app.avrel.body.Side;
import app.avrel.house.HouseRule;
import app.avrel.house.Stance;
import app.avrel.label.Labels;
import app.avrel.rules.Finding;
import app.avrel.rules.RuleId;
import app.avrel.rules.Severity;
import app.avrel.rules.Spot;
import java.util.Set;
import java.util.function.Consumer;

/** Weight left even where the house wants it on one leg. */
final class EvenWeight implements MomentRule {

    private static final int ANYWHERE = 0;
    private static final int LEAST = 46;
    private static final int MOST = 54;
    private static final Set<Stance> EVEN = Set.of(Stance.SHOULDER_WIDE, Stance.FEET_TOGETHER, Stance.HORSE);
    private static final Set<Stance> UPRIGHT = Set.of(Stance.SHOULDER_WIDE, Stance.FEET_TOGETHER);

    @Override
    public boolean ofStances() {
        return true;
    }

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
            found.accept(Finding.of(
                            RuleId.EVEN_WEIGHT,
                            Severity.LOOK,
                            watched.where(),
                            Labels.say("rules.weight_shared_evenly", HouseRule.EVEN_WEIGHT.say(wanted)))
                    .at(Spot.BALANCE));
        }
    }
}
