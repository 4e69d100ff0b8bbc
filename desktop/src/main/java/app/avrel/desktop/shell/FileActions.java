package app.avrel.desktop.shell;

import app.avrel.desktop.exchange.BringOverSheet;
import app.avrel.desktop.exchange.NotesSheet;
import app.avrel.desktop.exchange.Tables;
import app.avrel.desktop.form.NameListSheet;
import app.avrel.desktop.parts.Sheet;
import app.avrel.desktop.parts.Texts;
import app.avrel.desktop.session.Session;
import app.avrel.desktop.settings.NewProjectSheet;
import app.avrel.files.Demo;
import app.avrel.files.Opened;
import app.avrel.files.ProjectFile;
import app.avrel.files.Recovery;
import app.avrel.files.TextFile;
import app.avrel.project.Project;
import app.avrel.project.notes.NotesOut;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.time.format.FormatStyle;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import javafx.scene.layout.StackPane;

/** New, open, save, recover, quit. */
public final class FileActions {

    private final Session session;
    private final Preferences preferences;
    private final FileChoosing choosing;
    private final StackPane over;
    private final Runnable quit;

    FileActions(Session session, Preferences preferences, FileChoosing choosing, StackPane over, Runnable quit) {
        this.session = session;
        this.preferences = preferences;
        this.choosing = choosing;
        this.over = over;
        this.quit = quit;
    }

    void create() {
        leaving(() -> NewProjectSheet.ask(over, project -> session.start(project, Optional.empty())));
    }

    void open() {
        leaving(() -> choosing.toOpen().ifPresent(this::openNow));
    }

    void open(Path path) {
        leaving(() -> openNow(path));
    }

    void openDemo() {
        leaving(() -> session.start(Demo.project(), Optional.empty()));
    }

    private void openNow(Path path) {
        Optional<String> refused = session.open(path);
        refused.ifPresentOrElse(
                message -> Sheet.tell(over, "This file cannot be opened", message), () -> preferences.used(path));
    }

    /** Makes a form of a list of names, typed, pasted or from a file. */
    void bringIn() {
        NameListSheet.open(session, over, choosing::toRead);
    }

    private Tables tables() {
        return new Tables(session, over);
    }

    private String formName() {
        return session.desk().get().form().name();
    }

    /** Writes the chosen form as a table, a line an entry. */
    void entriesOut() {
        choosing.toWrite(formName()).ifPresent(tables()::entriesTo);
    }

    /** Writes the chosen form as a table, a line a count. */
    void countsOut() {
        choosing.toWrite(formName() + ", counts").ifPresent(tables()::countsTo);
    }

    /** Takes a table into the chosen form. */
    void tableIn() {
        choosing.toRead().ifPresent(tables()::from);
    }

    /** Reads postures from plain notes, typed or pasted. */
    void readNotes() {
        NotesSheet.open(session, over, "");
    }

    /** Reads postures from a file of notes. */
    void readNotes(Path path) {
        switch (TextFile.read(path)) {
            case TextFile.Got.Text(String text) -> NotesSheet.open(session, over, text);
            case TextFile.Got.Refused(String message) -> Sheet.tell(over, "The notes cannot be read", message);
        }
    }

    /** Takes a table into the chosen form. */
    void tableIn(Path path) {
        tables().from(path);
    }

    /** Writes the postures as plain notes. */
    void writeNotes() {
        choosing.toWriteNotes(session.project().name()).ifPresent(path -> {
            try {
                Files.writeString(path, NotesOut.of(session.project()));
            } catch (IOException unwritable) {
                Sheet.tell(over, "The notes are not written", path + " cannot be written. Choose another folder.");
            }
        });
    }

    /** Brings postures and forms over from another project. */
    void bringOver() {
        choosing.toOpen().ifPresent(path -> {
            switch (ProjectFile.open(path)) {
                case Opened.Read(Project there, var _) -> BringOverSheet.open(session, over, there);
                case Opened.Refused(String message) -> Sheet.tell(over, "This file cannot be opened", message);
            }
        });
    }

    void save() {
        session.file().get().ifPresentOrElse(this::saveTo, this::saveAs);
    }

    void saveAs() {
        choosing.toSave(session.project().name()).ifPresent(this::saveTo);
    }

    private void saveTo(Path path) {
        session.save(path)
                .ifPresentOrElse(message -> Sheet.tell(over, "Not saved", message), () -> preferences.used(path));
    }

    /** Ends the program, after asking where there is work that is not saved. */
    public void quit() {
        leaving(() -> {
            session.end();
            quit.run();
        });
    }

    private void leaving(Runnable then) {
        if (!session.dirty()) {
            then.run();
            return;
        }
        Sheet.show(
                over,
                "There are changes that are not saved",
                Texts.wrapped("Save the changes to “" + session.project().name() + "” first?", "sheet-text"),
                List.of(
                        new Sheet.Answer("Save", () -> {
                            save();
                            if (!session.dirty()) {
                                then.run();
                            }
                        }),
                        new Sheet.Answer("Don't save", then),
                        new Sheet.Answer("Cancel", () -> {})));
    }

    /** Offers what an earlier run left behind, if anything. */
    public void offerRecovery() {
        List<Path> unreadable = Recovery.unreadable(StateFolder.recovery());
        if (!unreadable.isEmpty()) {
            Sheet.tell(
                    over,
                    "Kept work cannot be read",
                    "Avrel closed unexpectedly once, and what it kept cannot be read: "
                            + unreadable.stream().map(Path::toString).collect(Collectors.joining(", "))
                            + ". It stays there. Open it in a text editor: below its first line it is a project file.");
        }
        Recovery.left(StateFolder.recovery()).stream().findFirst().ifPresent(this::offer);
    }

    private void offer(Recovery.Left left) {
        String when = DateTimeFormatter.ofLocalizedDateTime(FormatStyle.MEDIUM)
                .withZone(ZoneId.systemDefault())
                .format(left.at().toInstant());
        String file = left.file().map(path -> ", last saved in " + path).orElse(", never saved in a file");
        Sheet.show(
                over,
                "Avrel closed unexpectedly last time",
                Texts.wrapped(
                        "“" + left.project().name() + "” was kept as it was on " + when + file + ". Recover?",
                        "sheet-text"),
                List.of(
                        new Sheet.Answer("Recover", () -> {
                            session.recover(left);
                            discard(left);
                        }),
                        new Sheet.Answer("Discard", () -> discard(left)),
                        new Sheet.Answer("Ask next time", () -> {})));
    }

    private void discard(Recovery.Left left) {
        try {
            left.discard();
        } catch (IOException e) {
            Sheet.tell(over, "The kept work cannot be removed", left.kept() + ": " + e.getMessage());
        }
    }
}
