package app.avrel.rules;

import app.avrel.form.FormId;
import app.avrel.form.Mismatch;
import app.avrel.form.Occurrence;
import app.avrel.motion.Posing;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.stream.Collectors;

/** Where the end of one posture is not the start of the next. */
final class OpenJoin {

    private OpenJoin() {}

    static void examine(FormId form, Occurrence done, Posing posing, Consumer<Finding> found) {
        List<Mismatch> open = done.join().mismatches();
        if (open.isEmpty()) {
            return;
        }
        JoinWords words = new JoinWords(posing.body());
        String sentence = open.stream().map(words::sentence).collect(Collectors.joining(" "));
        found.accept(new Finding(
                "open-join",
                Severity.LOOK,
                new Where.InForm(form, done.entry(), Optional.empty()),
                "The way into " + done.posture().name() + " does not join",
                sentence,
                "The end of one posture must be the start of the next, or a linking count is needed."));
    }
}
