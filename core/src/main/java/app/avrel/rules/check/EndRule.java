package app.avrel.rules.check;

import app.avrel.floor.Directions;
import app.avrel.form.Occurrence;
import app.avrel.motion.Performer;
import app.avrel.rules.Finding;
import app.avrel.rules.RuleId;
import app.avrel.rules.Severity;
import app.avrel.rules.Where;
import java.util.Optional;
import java.util.function.Consumer;

/** A rule that holds what is claimed of a posture's end against where the record leads. */
interface EndRule {

    /** Looks at the posture as done and tells what it finds. */
    void examine(Occurrence done, Performer posing, Directions directions, Consumer<Finding> found);

    /** {@return a finding about the posture as a whole} */
    static Finding finding(RuleId rule, Occurrence done, String sentence) {
        return Finding.of(
                rule, Severity.LOOK, new Where.InPosture(done.posture().id(), Optional.empty()), sentence);
    }
}
