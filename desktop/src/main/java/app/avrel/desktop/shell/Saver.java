package app.avrel.desktop.shell;

import app.avrel.desktop.keeping.ChangedSheet;
import app.avrel.desktop.keeping.EarlierSheet;
import app.avrel.desktop.keeping.FileWatch;
import app.avrel.desktop.parts.Sheet;
import app.avrel.desktop.session.Saving;
import app.avrel.desktop.session.Session;
import app.avrel.desktop.words.Words;
import app.avrel.files.OpenFiles;
import app.avrel.files.Snapshots;
import app.avrel.project.Project;
import java.io.IOException;
import java.nio.file.Path;
import java.time.Instant;
import java.util.function.Consumer;
import javafx.scene.layout.StackPane;

/** Saves, keeps earlier states, and looks after a file that others have open or change too. */
final class Saver implements ChangedSheet.Answers {

    private final Session session;
    private final Preferences preferences;
    private final FileChoosing choosing;
    private final StackPane over;
    private final Snapshots earlier = new Snapshots(StateFolder.earlier());
    private final OpenFiles open = new OpenFiles(StateFolder.open());

    Saver(Session session, Preferences preferences, FileChoosing choosing, StackPane over) {
        this.session = session;
        this.preferences = preferences;
        this.choosing = choosing;
        this.over = over;
    }

    /** Says which file is open here from now on, and looks whether somebody else changes it. */
    void watch() {
        session.file().addListener((_, _, file) -> file.ifPresent(this::opened));
        session.file().get().ifPresent(this::opened);
        new FileWatch(session, over, this).start();
    }

    private void opened(Path file) {
        try {
            if (open.open(file)) {
                Sheet.tell(over, Words.of("keeping.open_twice"), Words.of("keeping.open_twice_text", file));
            }
        } catch (IOException e) {
            System.getLogger("avrel").log(System.Logger.Level.WARNING, "cannot say that " + file + " is open", e);
        }
    }

    /** Says that nothing is open here any more. */
    void end() {
        try {
            open.close();
        } catch (IOException e) {
            System.getLogger("avrel").log(System.Logger.Level.WARNING, "cannot say that nothing is open", e);
        }
    }

    @Override
    public void save() {
        session.file().get().ifPresentOrElse(file -> done(file, session.save(file)), this::saveElsewhere);
    }

    @Override
    public void replace() {
        session.file().get().ifPresent(file -> done(file, session.saveOver(file)));
    }

    @Override
    public void saveElsewhere() {
        choosing.toSave(session.project().name()).ifPresent(file -> done(file, session.save(file)));
    }

    private void done(Path file, Saving saving) {
        switch (saving) {
            case Saving.Done _ -> {
                preferences.used(file);
                keep(file);
            }
            case Saving.Refused(String message) -> Sheet.tell(over, Words.of("shell.not_saved"), message);
            case Saving.ChangedThere(var theirs) -> ChangedSheet.open(session, over, theirs, this);
        }
    }

    private void keep(Path file) {
        try {
            earlier.keep(file, Instant.now());
        } catch (IOException e) {
            System.getLogger("avrel").log(System.Logger.Level.WARNING, "cannot keep this state of " + file, e);
        }
    }

    /** Shows the earlier states of the file. */
    void earlier(Consumer<Project> bringOver) {
        EarlierSheet.open(session, over, earlier, bringOver);
    }
}
