package app.avrel.desktop.form;

import app.avrel.desktop.session.Session;
import app.avrel.desktop.words.Words;
import app.avrel.floor.Directions;
import app.avrel.floor.Heading;
import app.avrel.form.Entry;
import app.avrel.form.Part;
import app.avrel.project.Edit;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;

/** What the fields of an entry change, as it is typed; false for what is no answer. */
final class EntryEdits {

    private final Session session;

    EntryEdits(Session session) {
        this.session = session;
    }

    boolean number(String text) {
        if (!text.isBlank() && !text.strip().matches("[1-9]\\d{0,2}")) {
            return false;
        }
        Optional<Integer> said = text.isBlank() ? Optional.empty() : Optional.of(Integer.valueOf(text.strip()));
        change("number", entry -> entry.withNumber(said));
        return true;
    }

    boolean times(String text) {
        if (!text.strip().matches("[1-9]\\d?")) {
            return false;
        }
        change("times", entry -> entry.times(Integer.parseInt(text.strip())));
        return true;
    }

    boolean cycles(String text) {
        if (!text.strip().matches("[1-9]\\d?")) {
            return false;
        }
        int often = Integer.parseInt(text.strip());
        change("cycles", entry -> entry.withCycles(often == 1 ? Optional.empty() : Optional.of(often)));
        return true;
    }

    boolean facing(String text, Directions directions) {
        Optional<Heading> said = text.isBlank() ? Optional.empty() : directions.parse(text);
        if (said.isEmpty() && !text.isBlank()) {
            return false;
        }
        change("facing", entry -> entry.withFacing(said));
        return true;
    }

    boolean renamePart(int index, String text) {
        session.apply(Edit.running(
                Words.of("form.rename_part"),
                session.choice().form() + "/part/" + index,
                project -> project.changeForm(session.choice().form(), form -> {
                    List<Part> parts = new ArrayList<>(form.parts());
                    int at = form.partOf(index);
                    parts.set(at, parts.get(at).withName(text.strip()));
                    return form.withParts(parts);
                })));
        return true;
    }

    void change(String field, UnaryOperator<Entry> edit) {
        var choice = session.choice();
        session.apply(Edit.running(
                Words.of("form.change_entry"),
                choice.form() + "/" + choice.entry() + "/" + field,
                project -> project.changeForm(choice.form(), form -> form.change(choice.entry(), edit))));
    }
}
