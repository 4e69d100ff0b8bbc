package app.avrel.desktop.exchange;

import app.avrel.desktop.parts.Sheet;
import app.avrel.desktop.session.Session;
import app.avrel.desktop.words.Words;
import app.avrel.files.SafeFile;
import app.avrel.files.TextFile;
import app.avrel.files.table.Brought;
import app.avrel.files.table.CountTable;
import app.avrel.files.table.EntryTable;
import app.avrel.form.Form;
import app.avrel.project.Edit;
import app.avrel.project.Project;
import app.avrel.project.TableChange;
import app.avrel.words.say.Saying;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import javafx.scene.layout.StackPane;

/** The chosen form as a table in a file, and a table from a file as the chosen form. */
public final class Tables {

    private final Session session;
    private final StackPane over;

    public Tables(Session session, StackPane over) {
        this.session = session;
        this.over = over;
    }

    /** By it spreadsheets know that the letters are UTF-8. */
    private static final String BYTE_ORDER_MARK = "\uFEFF";

    private Form form() {
        return session.desk().get().form();
    }

    /** Writes one line an entry. */
    public void entriesTo(Path file) {
        write(file, EntryTable.of(session.project(), form()));
    }

    /** Writes one line a count. */
    public void countsTo(Path file) {
        write(file, CountTable.of(session.project(), form()));
    }

    private void write(Path file, String table) {
        try {
            SafeFile.write(file, BYTE_ORDER_MARK + table);
        } catch (IOException e) {
            Sheet.tell(
                    over,
                    Words.of("exchange.table_not_written"),
                    Words.of("exchange.choose_another_folder", file, String.valueOf(e.getMessage())));
        }
    }

    /** Takes a table of entries or of counts: the heading line tells which. */
    public void from(Path file) {
        switch (TextFile.read(file)) {
            case TextFile.Got.Refused(String message) -> refused(message);
            case TextFile.Got.Text(String text) -> {
                boolean counts = text.lines().findFirst().orElse("").contains("section");
                Optional<String> refused = counts ? counts(text) : entries(text);
                refused.ifPresent(this::refused);
            }
        }
    }

    private Optional<String> entries(String text) {
        return switch (EntryTable.read(session.project(), form().id(), text)) {
            case Brought.Taken<Form>(Form taken) -> {
                Edit take = Edit.of(
                        Words.of("exchange.take_table_entries"), project -> project.changeForm(taken.id(), _ -> taken));
                tell(TableChange.ofEntries(session.project(), form(), taken), take);
                yield Optional.empty();
            }
            case Brought.Refused<Form>(String message) -> Optional.of(message);
        };
    }

    private Optional<String> counts(String text) {
        return switch (CountTable.read(session.project(), form().id(), text)) {
            case Brought.Taken<Project>(Project taken) -> {
                Saying saying =
                        Saying.exact(Words.language(), session.desk().get().saying());
                tell(
                        TableChange.ofCounts(session.project(), taken, saying),
                        Edit.of(Words.of("exchange.take_table_counts"), _ -> taken));
                yield Optional.empty();
            }
            case Brought.Refused<Project>(String message) -> Optional.of(message);
        };
    }

    /** Says what the table makes of each line, and does it once that is agreed to. */
    private void tell(List<TableChange> changes, Edit take) {
        boolean same = changes.stream().allMatch(change -> change.kind() == TableChange.Kind.SAME);
        if (same) {
            Sheet.tell(over, Words.of("exchange.what_table_makes"), Words.of("exchange.table_changes_nothing"));
        } else {
            TableSheet.open(over, changes, () -> session.apply(take));
        }
    }

    private void refused(String message) {
        Sheet.tell(over, Words.of("exchange.table_cannot_be"), Words.of("exchange.nothing_was_changed", message));
    }
}
