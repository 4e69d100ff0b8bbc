package app.avrel.rules;

import app.avrel.floor.Numbers;
import app.avrel.house.HouseRule;
import app.avrel.posture.Move;
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
                        .ifPresent(height -> found.accept(new Finding(
                                        "high-kick",
                                        Severity.CAUTION,
                                        watched.where(),
                                        "Kick above the limit",
                                        "The " + kick.foot().word() + " foot kicks at " + height.word() + " height, "
                                                + Numbers.whole(height.shareOfStature() * 100)
                                                + " % of the body's height; the house rule is at most " + limit
                                                + " %. Kick lower, or let the heel only rest on the floor.",
                                        "Height is a training target, never a requirement; a high kick costs balance and strains"
                                                + " the hip.")
                                .at(Spot.foot(kick.foot()))));
            }
        }
    }
}
