package app.avrel.project;

import app.avrel.form.Alignment;
import app.avrel.form.Entry;
import app.avrel.form.EntryId;
import app.avrel.form.Form;
import app.avrel.posture.Posture;
import app.avrel.posture.count.Count;
import app.avrel.words.say.Saying;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * What a line of a table makes of a record, told before anything is done.
 *
 * @param posture whose line it is
 * @param number of the entry in its form, or of the count in its posture, from 1
 * @param said the count in words; empty for an entry
 */
public record TableChange(Posture posture, int number, String said, Kind kind) {

    /** What becomes of it. */
    public enum Kind {
        SAME,
        CHANGED,
        NEW,
        GONE
    }

    /** {@return what becomes of each entry of a form, in the order of the table; then those that the table leaves out} */
    public static List<TableChange> ofEntries(Project project, Form before, Form after) {
        Map<EntryId, Entry> old = new HashMap<>();
        before.entries().forEach(entry -> old.put(entry.id(), entry));
        List<TableChange> changes = new ArrayList<>();
        int number = 0;
        for (Entry entry : after.entries()) {
            Entry was = old.remove(entry.id());
            Kind kind = was == null ? Kind.NEW : was.equals(entry) ? Kind.SAME : Kind.CHANGED;
            entry(project, entry, ++number, kind).ifPresent(changes::add);
        }
        for (int i = 0; i < before.entries().size(); i++) {
            Entry entry = before.entries().get(i);
            if (old.containsKey(entry.id())) {
                entry(project, entry, i + 1, Kind.GONE).ifPresent(changes::add);
            }
        }
        return changes;
    }

    private static Optional<TableChange> entry(Project project, Entry entry, int number, Kind kind) {
        return project.posture(entry.posture()).map(posture -> new TableChange(entry.done(posture), number, "", kind));
    }

    /** {@return what becomes of each count of the postures that a table changes} */
    public static List<TableChange> ofCounts(Project before, Project after, Saying saying) {
        List<TableChange> changes = new ArrayList<>();
        for (Posture made : after.postures()) {
            List<Count> were = before.posture(made.id()).map(Posture::counts).orElse(List.of());
            if (!were.equals(made.counts())) {
                counts(made, were, saying, changes);
            }
        }
        return changes;
    }

    /** Laid beside each other as they fit, so that a count put in changes none after it. */
    private static void counts(Posture made, List<Count> were, Saying saying, List<TableChange> into) {
        int before = 0;
        int after = 0;
        for (Alignment.Pair<Count> pair :
                Alignment.ofCounts(were, made.counts()).pairs()) {
            before += pair.first().isPresent() ? 1 : 0;
            after += pair.second().isPresent() ? 1 : 0;
            Kind kind = pair.first().isEmpty()
                    ? Kind.NEW
                    : pair.second().isEmpty()
                            ? Kind.GONE
                            : pair.first().equals(pair.second()) ? Kind.SAME : Kind.CHANGED;
            Count told = pair.second().or(pair::first).orElseThrow();
            into.add(new TableChange(made, kind == Kind.GONE ? before : after, saying.line(told), kind));
        }
    }
}
