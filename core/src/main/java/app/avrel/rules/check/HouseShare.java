package app.avrel.rules.check;

import app.avrel.body.Side;
import app.avrel.house.HouseRule;
import app.avrel.house.Stance;
import app.avrel.label.Labels;
import app.avrel.mechanics.Spacing;
import app.avrel.rules.Finding;
import app.avrel.rules.RuleId;
import app.avrel.rules.Severity;
import app.avrel.rules.Spot;
import java.util.function.Consumer;

/** A share of the weight that is another than the house's for the stance, beyond the tolerance for weights. */
final class HouseShare implements MomentRule {

    @Override
    public boolean ofStances() {
        return true;
    }

    @Override
    public void examine(Watched watched, Consumer<Finding> found) {
        boolean known = watched.after().placed() && watched.after().weight().exact();
        if (!known || watched.before().weight().equals(watched.after().weight())) {
            return;
        }
        watched.stance().ifPresent(stance -> {
            Side front = Spacing.of(watched.after()).front();
            int share = watched.after().weight().least(front);
            if (stance == Stance.BOW) {
                compare(watched, "bow", front, share, HouseRule.BOW_SHARE, found);
            } else if (stance == Stance.EMPTY) {
                compare(watched, "empty", front, share, HouseRule.EMPTY_SHARE, found);
            }
        });
    }

    private static void compare(
            Watched watched, String stance, Side front, int share, HouseRule rule, Consumer<Finding> found) {
        int wanted = watched.rule(rule);
        if (Math.abs(share - wanted) > watched.rule(HouseRule.WEIGHT_TOLERANCE)) {
            found.accept(Finding.of(
                            RuleId.HOUSE_SHARE,
                            Severity.NOTE,
                            watched.where(),
                            Labels.say("rules.house_share." + stance, Labels.of(front), share, wanted))
                    .at(Spot.foot(front)));
        }
    }
}
