package app.avrel.rules.check;

import app.avrel.floor.Directions;
import app.avrel.form.Occurrence;
import app.avrel.label.Labels;
import app.avrel.motion.Performer;
import app.avrel.rules.Finding;
import app.avrel.rules.RuleId;
import java.util.function.Consumer;

/** How many counts the instructor says a posture has against how many are recorded. */
final class ClaimedCounts implements EndRule {

    @Override
    public void examine(Occurrence done, Performer posing, Directions directions, Consumer<Finding> found) {
        int recorded = done.posture().counts().size();
        done.posture()
                .end()
                .counts()
                .filter(claimed -> claimed != recorded)
                .ifPresent(claimed -> found.accept(EndRule.finding(
                        RuleId.CLAIMED_COUNTS, done, Labels.say("rules.claimed_have", claimed, recorded))));
    }
}
