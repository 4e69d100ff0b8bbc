package app.avrel.rules.check;

import app.avrel.form.FormId;
import app.avrel.form.Mismatch;
import app.avrel.form.Occurrence;
import app.avrel.label.Labels;
import app.avrel.motion.Performer;
import app.avrel.rules.Finding;
import app.avrel.rules.JoinWords;
import app.avrel.rules.RuleId;
import app.avrel.rules.Severity;
import app.avrel.rules.Where;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.stream.Collectors;

/** Where the end of one posture is not the start of the next. */
final class OpenJoin {

    private OpenJoin() {}

    static void examine(FormId form, Occurrence done, Performer posing, Consumer<Finding> found) {
        List<Mismatch> open = done.join().mismatches();
        if (open.isEmpty()) {
            return;
        }
        JoinWords words = new JoinWords(posing.body());
        String sentence = open.stream().map(words::sentence).collect(Collectors.joining(" "));
        found.accept(Finding.of(
                        RuleId.OPEN_JOIN,
                        Severity.LOOK,
                        new Where.InForm(form, done.entry(), Optional.empty()),
                        sentence)
                .headed(Labels.say("rules.way_into_does", done.posture().called(Labels.language()))));
    }
}
