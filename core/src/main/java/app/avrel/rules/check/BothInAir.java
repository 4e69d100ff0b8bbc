package app.avrel.rules.check;

import app.avrel.label.Labels;
import app.avrel.motion.Pose;
import app.avrel.rules.Finding;
import app.avrel.rules.RuleId;
import app.avrel.rules.Severity;
import app.avrel.rules.Spot;
import java.util.function.Consumer;

/** Both feet off the floor. */
final class BothInAir implements MomentRule {

    static boolean inAir(Pose pose) {
        return pose.left().lifted() && pose.right().lifted();
    }

    @Override
    public void examine(Watched watched, Consumer<Finding> found) {
        if (inAir(watched.after()) && !inAir(watched.before())) {
            found.accept(
                    Finding.of(RuleId.BOTH_IN_AIR, Severity.CAUTION, watched.where(), Labels.say("rules.both_feet_off"))
                            .at(Spot.FEET));
        }
    }
}
