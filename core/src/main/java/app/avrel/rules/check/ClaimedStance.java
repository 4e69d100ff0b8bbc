package app.avrel.rules.check;

import app.avrel.floor.Directions;
import app.avrel.form.Occurrence;
import app.avrel.house.Stance;
import app.avrel.label.Labels;
import app.avrel.mechanics.Naming;
import app.avrel.motion.Performer;
import app.avrel.motion.Pose;
import app.avrel.rules.Finding;
import app.avrel.rules.RuleId;
import java.util.Optional;
import java.util.function.Consumer;

/** The stance the instructor names at the end against the one that feet and weight make. */
final class ClaimedStance implements EndRule {

    @Override
    public void examine(Occurrence done, Performer posing, Directions directions, Consumer<Finding> found) {
        Optional<Stance> claimed = done.posture().end().stance();
        Pose end = done.done().end();
        boolean known = end.left().heel().known()
                && end.right().heel().known()
                && end.weight().exact();
        if (claimed.isEmpty() || !known) {
            return;
        }
        Optional<Stance> named = Naming.of(end, posing.body());
        if (!named.equals(claimed)) {
            found.accept(EndRule.finding(
                    RuleId.CLAIMED_STANCE,
                    done,
                    Labels.say(
                            "rules.end_claimed_be",
                            Labels.of(claimed.get()),
                            named.map(Labels::of).orElse(Labels.say("rules.no_named_stance")))));
        }
    }
}
