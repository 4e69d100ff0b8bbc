package app.avrel.desktop.session;

import app.avrel.files.Bundled;
import app.avrel.files.ForeignFields;
import app.avrel.files.Opened;
import app.avrel.files.ProjectFile;
import app.avrel.files.Recovery;
import app.avrel.floor.Heading;
import app.avrel.project.Analysis;
import app.avrel.project.Edit;
import app.avrel.project.History;
import app.avrel.project.Lessons;
import app.avrel.project.Project;
import app.avrel.project.merging.Merged;
import app.avrel.project.merging.Merging;
import app.avrel.rules.Finding;
import java.nio.file.Path;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;
import javafx.beans.property.ReadOnlyIntegerProperty;
import javafx.beans.property.ReadOnlyIntegerWrapper;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;

/**
 * The open project: its present value, what is computed from it, what is chosen, where it is saved.
 *
 * <p>Views read {@link #desk()} and listen to it; every change goes through {@link #apply}. Each change is handed to
 * the recovery file at once.
 */
public final class Session {

    private final Recovery recovery;
    private final ReadOnlyObjectWrapper<Desk> desk = new ReadOnlyObjectWrapper<>();
    private final ReadOnlyIntegerWrapper begun = new ReadOnlyIntegerWrapper();

    @SuppressWarnings("NullAway.Init") // set by start
    private History history;

    private final FileOnDesk file;
    private final LessonsOnDesk lessons = new LessonsOnDesk();
    private boolean previewing;
    private BooleanSupplier settling = () -> false;
    private Heading staging = Heading.FRONT;

    public Session(Project project, Recovery recovery) {
        this(new Opened.Read(project, ForeignFields.NONE), Analysis.of(project), Optional.empty(), recovery);
    }

    /**
     * A session that begins with what was read.
     *
     * @param survey of what was read
     * @param from the file it was read from, if from one
     */
    public Session(Opened.Read read, Analysis survey, Optional<Path> from, Recovery recovery) {
        this.recovery = recovery;
        file = new FileOnDesk(read);
        start(read, survey, from);
    }

    /** {@return what is shown; it changes with every edit and every choice} */
    public ReadOnlyObjectProperty<Desk> desk() {
        return desk.getReadOnlyProperty();
    }

    public Project project() {
        return history.present();
    }

    public Choice choice() {
        return desk.get().choice();
    }

    /** {@return the lessons of what is on the desk worked out; what an edit leaves as it is is not worked out again} */
    public Lessons lessons() {
        return lessons.of(desk.get().survey());
    }

    /** {@return the lessons of a project, such as an edit is given: what is on the desk may only be shown} */
    public Lessons lessons(Project project) {
        Lessons shown = lessons();
        return shown.project() == project
                ? shown
                : shown.after(desk.get().survey().after(project));
    }

    /** {@return where the project was last saved, if ever} */
    public ReadOnlyObjectProperty<Optional<Path>> file() {
        return file.path();
    }

    /** {@return whether there is work that is not in the file} */
    public boolean dirty() {
        return !file.saved().equals(history.present());
    }

    public Optional<String> undoable() {
        return history.undoable();
    }

    public Optional<String> redoable() {
        return history.redoable();
    }

    /** Makes a change. {@return whether it changed anything} */
    public boolean apply(Edit edit) {
        boolean done = history.apply(edit);
        if (done) {
            changed(choice());
        }
        return done;
    }

    /** Makes a change and chooses something with it. {@return whether it changed anything} */
    public boolean apply(Edit edit, Choice then) {
        boolean done = history.apply(edit);
        changed(then);
        return done;
    }

    /**
     * Shows a change as if it were made; the document does not know of it.
     *
     * @param settling records what is shown, or answers false where it cannot be; see {@link #settled()}
     */
    public void preview(Edit edit, Choice then, BooleanSupplier settling) {
        Project shown = edit.change().apply(project());
        this.settling = settling;
        Choice within = then.within(shown);
        if (previewing && within.equals(choice()) && shown.equals(desk.get().project())) {
            return;
        }
        previewing = true;
        desk.set(new Desk(
                desk.get().survey().after(shown), within, staging, desk.get().selected(), true));
    }

    /**
     * Makes what is shown and what is recorded the same, before a change to a place that was read from what is shown.
     *
     * @return whether the change may be made: what was shown only is now recorded. False where that cannot be, and then
     *     the record is shown again
     */
    public boolean settled() {
        return !previewing || settling.getAsBoolean();
    }

    /** {@return whether something is shown that is not recorded} */
    public boolean previewing() {
        return previewing;
    }

    /** Shows the document again. */
    public void endPreview(Choice then) {
        if (previewing) {
            previewing = false;
            desk.set(new Desk(
                    desk.get().survey().after(project()),
                    then.within(project()),
                    staging,
                    desk.get().selected(),
                    false));
        }
    }

    /** Words everything anew: another language is spoken. */
    public void reword() {
        endPreview(choice());
        Desk now = desk.get();
        desk.set(new Desk(Analysis.of(now.project()), now.choice(), staging, Optional.empty(), false));
    }

    /** Lets everything start in another direction of the hall; the record does not change. */
    public void stage(Heading start) {
        staging = start;
        desk.set(new Desk(
                desk.get().survey(), desk.get().choice(), staging, desk.get().selected(), previewing));
    }

    /** Looks at a finding, or at none. */
    public void select(Optional<Finding> finding) {
        if (!finding.equals(desk.get().selected())) {
            desk.set(new Desk(desk.get().survey(), desk.get().choice(), staging, finding, previewing));
        }
    }

    /** Chooses something; the next edit is then a step of its own. */
    public void choose(Choice choice) {
        history.endRun();
        Choice within = choice.within(project());
        if (previewing) {
            endPreview(within);
        } else if (!within.equals(choice())) {
            desk.set(new Desk(desk.get().survey(), within, staging, Optional.empty(), false));
        }
    }

    public void undo() {
        history.undo();
        changed(choice());
    }

    public void redo() {
        history.redo();
        changed(choice());
    }

    private void changed(Choice choice) {
        previewing = false;
        Project present = history.present();
        if (dirty()) {
            recovery.keep(present, file.path().get(), file.base());
        } else {
            recovery.forget();
        }
        Analysis survey = desk.get().survey().after(present);
        Optional<Finding> still =
                desk.get().selected().filter(selected -> survey.findings().contains(selected));
        desk.set(new Desk(survey, choice.within(present), staging, still, false));
    }

    /** Puts another project on the desk. */
    public void start(Project project, Optional<Path> from) {
        start(new Opened.Read(project, ForeignFields.NONE), from);
    }

    /** Puts a project on the desk as it was read; what a newer program wrote into its file is kept with it. */
    public void start(Opened.Read read, Optional<Path> from) {
        start(read, Analysis.of(read.project()), from);
    }

    private void start(Opened.Read read, Analysis survey, Optional<Path> from) {
        Project project = read.project();
        Desk fresh = new Desk(survey, Choice.first(project), staging, Optional.empty(), false);
        history = new History(project);
        file.begin(read, from);
        recovery.forget();
        desk.set(fresh);
        begun.set(begun.get() + 1);
    }

    /** {@return how many projects have been put on the desk} */
    public ReadOnlyIntegerProperty begun() {
        return begun.getReadOnlyProperty();
    }

    /** Puts work on the desk that a program left behind; it counts as not saved. {@return whether it is kept anew on disk} */
    public boolean recover(Recovery.Left left) {
        start(left.project(), left.file());
        file.leftBehind(left.project(), left.base());
        changed(choice());
        return recovery.flush();
    }

    /** Opens a file; a bundle is opened as a project that is in no file yet. {@return why it could not be opened; empty where it was} */
    public Optional<String> open(Path path) {
        return switch (ProjectFile.open(path)) {
            case Opened.Read read -> {
                start(read, Bundled.is(path) ? Optional.empty() : Optional.of(path));
                yield Optional.empty();
            }
            case Opened.Refused(String message) -> Optional.of(message);
        };
    }

    /** Saves to a file; where somebody else has changed the one that is open here, nothing is written and that is told. */
    public Saving save(Path path) {
        Optional<Opened> theirs = file.path().get().filter(path::equals).flatMap(_ -> file.changed());
        return theirs.<Saving>map(Saving.ChangedThere::new).orElseGet(() -> write(path));
    }

    /** Saves over a file that somebody else has changed; what it holds is kept beside it. */
    public Saving saveOver(Path path) {
        return FileOnDesk.keepBeside(path).<Saving>map(Saving.Refused::new).orElseGet(() -> write(path));
    }

    private Saving write(Path path) {
        Optional<String> refused = file.write(history.present(), path);
        if (refused.isEmpty()) {
            history.endRun();
            changed(choice());
        }
        return Saving.of(refused);
    }

    /** {@return whether somebody else may have changed the file: a quick look} */
    public boolean touchedThere() {
        return file.touched();
    }

    /** {@return what somebody else has made of the file since it was read or saved here; empty where nothing} */
    public Optional<Opened> changedThere() {
        return file.changed();
    }

    /** {@return what is on the desk and what somebody else has made of the file, as one} */
    public Merged together(Project theirs, Merging.Prefer prefer) {
        return Merging.of(file.saved(), project(), theirs, prefer);
    }

    /** Puts both on the desk as one step that can be undone; the file counts as read again. */
    public void putTogether(String words, Merged merged, Opened.Read theirs) {
        file.readAgain(theirs);
        goBackTo(words, merged.project());
    }

    /** Puts what somebody else has made of the file on the desk, as a step that can be undone. */
    public void takeTheirs(String words, Opened.Read theirs) {
        file.readAgain(theirs);
        goBackTo(words, theirs.project());
    }

    /** Puts another state of the project on the desk, as a step that can be undone. */
    public void goBackTo(String words, Project state) {
        history.apply(Edit.of(words, _ -> state));
        changed(choice());
    }

    /** Tells when unsaved work cannot be kept on disk, and when it can again; called from another thread. */
    public void watchKeeping(Consumer<Optional<String>> told) {
        recovery.watch(told);
    }

    /** Ends in good order: nothing is left to recover. */
    public void end() {
        recovery.forget();
        recovery.close();
    }
}
