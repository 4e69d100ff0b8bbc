package app.avrel.rules.check;

import app.avrel.floor.Numbers;
import app.avrel.house.HouseRule;
import app.avrel.label.Labels;
import app.avrel.posture.move.Move;
import app.avrel.rules.Finding;
import app.avrel.rules.RuleId;
import app.avrel.rules.Severity;
import app.avrel.rules.Spot;
import java.util.function.Consumer;

/** A kick higher than the house rules allow. */
final class HighKick implements MomentRule {

    @Override
    public void examine(Watched watched, Consumer<Finding> found) {
        int limit = watched.rule(HouseRule.KICK_HEIGHT);
        for (Move move : watched.moves()) {
            if (move instanceof Move.Kicking kick) {
                kick.height()
                        .filter(height -> height.shareOfStature() * 100 > limit + 0.5)
                        .ifPresent(height -> found.accept(Finding.of(
                                        RuleId.HIGH_KICK,
                                        Severity.CAUTION,
                                        watched.where(),
                                        Labels.say(
                                                "rules.foot_kicks_at",
                                                Labels.of(kick.foot()),
                                                Labels.of(height),
                                                Numbers.whole(height.shareOfStature() * 100),
                                                limit))
                                .at(Spot.foot(kick.foot()))));
            }
        }
    }
}
