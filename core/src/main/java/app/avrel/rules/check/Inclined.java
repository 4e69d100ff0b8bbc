package app.avrel.rules.check;

import app.avrel.house.HouseRule;
import app.avrel.label.Labels;
import app.avrel.rules.Finding;
import app.avrel.rules.RuleId;
import app.avrel.rules.Severity;
import app.avrel.rules.Spot;
import java.util.function.Consumer;

/** A trunk inclined further than the house rules allow. */
final class Inclined implements MomentRule {

    @Override
    public void examine(Watched watched, Consumer<Finding> found) {
        int limit = watched.rule(HouseRule.INCLINE_LIMIT);
        int now = watched.after().lean().degrees();
        if (now > limit && now > watched.before().lean().degrees()) {
            found.accept(Finding.of(
                            RuleId.INCLINE,
                            Severity.CAUTION,
                            watched.where(),
                            Labels.say("rules.trunk_inclines_house", now, limit))
                    .at(Spot.TRUNK));
        }
    }
}
