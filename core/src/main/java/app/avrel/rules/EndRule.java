package app.avrel.rules;

import app.avrel.floor.Directions;
import app.avrel.form.Occurrence;
import app.avrel.motion.Posing;
import java.util.function.Consumer;

/** A rule that holds what is claimed of a posture's end against where the record leads. */
interface EndRule {

    /** Looks at the posture as done and tells what it finds. */
    void examine(Occurrence done, Posing posing, Directions directions, Consumer<Finding> found);

    /** {@return a finding about the posture as a whole} */
    static Finding finding(String rule, Occurrence done, String headline, String sentence) {
        return new Finding(
                rule,
                Severity.LOOK,
                new Where.InPosture(done.posture().id(), java.util.Optional.empty()),
                headline,
                sentence,
                "What is written for the end and what the counts lead to should be the same; one of them is wrong.");
    }
}
