package app.avrel.desktop.shell;

import app.avrel.desktop.exchange.BringOverSheet;
import app.avrel.desktop.exchange.BundleSheet;
import app.avrel.desktop.exchange.NotesSheet;
import app.avrel.desktop.exchange.Tables;
import app.avrel.desktop.form.NameListSheet;
import app.avrel.desktop.parts.Sheet;
import app.avrel.desktop.parts.Texts;
import app.avrel.desktop.session.Session;
import app.avrel.desktop.settings.NewProjectSheet;
import app.avrel.desktop.words.Words;
import app.avrel.files.Demo;
import app.avrel.files.Opened;
import app.avrel.files.ProjectFile;
import app.avrel.files.Recovery;
import app.avrel.files.SafeFile;
import app.avrel.files.TextFile;
import app.avrel.project.Project;
import app.avrel.project.notes.NotesOut;
import java.io.IOException;
import java.nio.file.Path;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.time.format.FormatStyle;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import javafx.application.Platform;
import javafx.scene.layout.StackPane;

/** New, open, save, recover, quit. */
public final class FileActions {

    private final Session session;
    private final Preferences preferences;
    private final FileChoosing choosing;
    private final StackPane over;
    private final Runnable quit;
    private final Saver saver;

    FileActions(Session session, Preferences preferences, FileChoosing choosing, StackPane over, Runnable quit) {
        this.session = session;
        this.preferences = preferences;
        this.choosing = choosing;
        this.over = over;
        this.quit = quit;
        this.saver = new Saver(session, preferences, choosing, over);
    }

    /** Looks after the file that is open from now on. */
    public void watch() {
        saver.watch();
        session.watchKeeping(trouble -> Platform.runLater(() -> trouble.ifPresent(this::notKept)));
    }

    private void notKept(String why) {
        Sheet.tell(over, Words.of("keeping.not_kept"), Words.of("keeping.not_kept_text", why));
    }

    /** Shows the earlier states of the file. */
    void earlier() {
        saver.earlier(then -> BringOverSheet.open(session, over, then));
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
                message -> Sheet.tell(over, Words.of("shell.file_cannot_be"), message), () -> preferences.used(path));
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
        choosing.toWrite(Words.of("shell.counts", formName())).ifPresent(tables()::countsTo);
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
            case TextFile.Got.Refused(String message) -> Sheet.tell(over, Words.of("shell.notes_cannot_be"), message);
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
                SafeFile.write(path, NotesOut.of(session.project()));
            } catch (IOException unwritable) {
                Sheet.tell(over, Words.of("shell.notes_not_written"), Words.of("common.cannot_be_written", path));
            }
        });
    }

    /** Writes the project with its pictures, what is called, and its sounds as one file. */
    void bundle() {
        Project project = session.project();
        BundleSheet.open(project, over, () -> choosing.toWriteBundle(project.name()));
    }

    /** Brings postures and forms over from another project. */
    void bringOver() {
        choosing.toOpen().ifPresent(path -> {
            switch (ProjectFile.open(path)) {
                case Opened.Read(Project there, var _) -> BringOverSheet.open(session, over, there);
                case Opened.Refused(String message) -> Sheet.tell(over, Words.of("shell.file_cannot_be"), message);
            }
        });
    }

    void save() {
        saver.save();
    }

    void saveAs() {
        saver.saveElsewhere();
    }

    /** Ends the program, after asking where there is work that is not saved. */
    public void quit() {
        leaving(() -> {
            saver.end();
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
                Words.of("shell.there_changes_not"),
                Texts.wrapped(
                        Words.of("shell.save_changes_first", session.project().name()), "sheet-text"),
                List.of(
                        new Sheet.Answer(Words.of("shell.save"), () -> {
                            save();
                            if (!session.dirty()) {
                                then.run();
                            }
                        }),
                        new Sheet.Answer(Words.of("shell.dont_save"), then),
                        new Sheet.Answer(Words.of("common.cancel"), () -> {})));
    }

    /** Offers what an earlier run left behind, if anything. */
    public void offerRecovery() {
        List<Path> unreadable = Recovery.unreadable(StateFolder.recovery());
        if (!unreadable.isEmpty()) {
            Sheet.tell(
                    over,
                    Words.of("shell.kept_work_cannot"),
                    Words.of(
                            "shell.avrel_closed_unexpectedly_once",
                            unreadable.stream().map(Path::toString).collect(Collectors.joining(", "))));
        }
        offer(Recovery.left(StateFolder.recovery()));
    }

    /** One after the other, the newest first; what is not taken up now is offered at the next start. */
    private void offer(List<Recovery.Left> all) {
        if (!all.isEmpty()) {
            offer(all.getFirst(), () -> offer(all.subList(1, all.size())));
        }
    }

    private void offer(Recovery.Left left, Runnable next) {
        String when = DateTimeFormatter.ofLocalizedDateTime(FormatStyle.MEDIUM)
                .withZone(ZoneId.systemDefault())
                .format(left.at().toInstant());
        String file =
                left.file().map(path -> Words.of("shell.last_saved", path)).orElse(Words.of("shell.never_saved_file"));
        Sheet.show(
                over,
                Words.of("shell.avrel_closed_unexpectedly"),
                Texts.wrapped(Words.of("shell.was_kept_as", left.project().name(), when, file), "sheet-text"),
                List.of(
                        new Sheet.Answer(Words.of("shell.recover"), () -> {
                            if (session.recover(left)) {
                                discard(left);
                            }
                        }),
                        new Sheet.Answer(Words.of("shell.discard"), () -> {
                            discard(left);
                            next.run();
                        }),
                        new Sheet.Answer(Words.of("shell.ask_next_time"), next)));
    }

    private void discard(Recovery.Left left) {
        try {
            left.discard();
        } catch (IOException e) {
            Sheet.tell(over, Words.of("shell.kept_work_cannot_be"), left.kept() + ": " + e.getMessage());
        }
    }
}
