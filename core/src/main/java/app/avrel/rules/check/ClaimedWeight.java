package app.avrel.rules.check;

import app.avrel.body.WeightShare;
import app.avrel.floor.Directions;
import app.avrel.form.Occurrence;
import app.avrel.house.HouseRule;
import app.avrel.label.Labels;
import app.avrel.motion.Performer;
import app.avrel.rules.Finding;
import app.avrel.rules.JoinWords;
import app.avrel.rules.RuleId;
import java.util.function.Consumer;

/** The weight the instructor names at the end against the last shift. */
final class ClaimedWeight implements EndRule {

    @Override
    public void examine(Occurrence done, Performer posing, Directions directions, Consumer<Finding> found) {
        done.posture().end().weight().ifPresent(split -> {
            WeightShare claimed = Performer.share(split, posing.rules());
            WeightShare leads = done.done().end().weight();
            if (claimed.pointsFrom(leads) > posing.rules().get(HouseRule.WEIGHT_TOLERANCE)) {
                found.accept(EndRule.finding(
                        RuleId.CLAIMED_WEIGHT,
                        done,
                        Labels.say("rules.end_claimed_have", JoinWords.share(claimed), JoinWords.share(leads))));
            }
        });
    }
}
