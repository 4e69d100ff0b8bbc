package app.avrel.rules.check;

import app.avrel.form.Entry;
import app.avrel.form.Form;
import app.avrel.form.Occurrence;
import app.avrel.form.Track;
import app.avrel.label.Labels;
import app.avrel.rules.Finding;
import app.avrel.rules.RuleId;
import app.avrel.rules.Severity;
import app.avrel.rules.Where;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;

/** An entry asks for a gentler version that its posture no longer has; the posture is done as it is. */
final class MissingVersion {

    private MissingVersion() {}

    static void examine(Form form, Track track, Consumer<Finding> found) {
        List<Entry> entries = form.entries();
        for (Occurrence done : track.occurrences()) {
            Entry entry = entries.get(done.entry());
            entry.gentler()
                    .filter(name -> done.repeat() == 0
                            && done.posture().sheet().gentlerCalled(name).isEmpty())
                    .ifPresent(name -> found.accept(finding(form, done, name)));
        }
    }

    private static Finding finding(Form form, Occurrence done, String name) {
        return Finding.of(
                RuleId.MISSING_VERSION,
                Severity.LOOK,
                new Where.InForm(form.id(), done.entry(), Optional.empty()),
                Labels.say(
                        "rules.entry_asks_but",
                        done.entry() + 1,
                        name,
                        done.posture().called(Labels.language())));
    }
}
