package app.avrel.rules;

import app.avrel.body.WeightShare;
import app.avrel.floor.Directions;
import app.avrel.form.Occurrence;
import app.avrel.house.HouseRule;
import app.avrel.motion.Posing;
import java.util.function.Consumer;

/** The weight the instructor names at the end against the last shift. */
final class ClaimedWeight implements EndRule {

    @Override
    public void examine(Occurrence done, Posing posing, Directions directions, Consumer<Finding> found) {
        done.posture().end().weight().ifPresent(split -> {
            WeightShare claimed = Posing.share(split, posing.rules());
            WeightShare leads = done.end().weight();
            if (claimed.pointsFrom(leads) > posing.rules().get(HouseRule.WEIGHT_TOLERANCE)) {
                found.accept(EndRule.finding(
                        "claimed-weight",
                        done,
                        "Weight is not as claimed",
                        "The end is claimed to have " + JoinWords.share(claimed) + ", but the counts lead to "
                                + JoinWords.share(leads) + "."));
            }
        });
    }
}
