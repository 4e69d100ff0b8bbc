package app.avrel.desktop.session;

import app.avrel.files.FileStamp;
import app.avrel.files.ForeignFields;
import app.avrel.files.Opened;
import app.avrel.files.ProjectFile;
import app.avrel.files.Recovery;
import app.avrel.files.SafeFile;
import app.avrel.floor.Heading;
import app.avrel.floor.Turn;
import app.avrel.form.Form;
import app.avrel.form.Moment;
import app.avrel.form.Occurrence;
import app.avrel.form.Track;
import app.avrel.label.Labels;
import app.avrel.label.Language;
import app.avrel.lesson.Lesson;
import app.avrel.lesson.course.Course;
import app.avrel.posture.Posture;
import app.avrel.posture.PostureId;
import app.avrel.project.Analysis;
import app.avrel.project.Edit;
import app.avrel.project.History;
import app.avrel.project.Holder;
import app.avrel.project.Lessons;
import app.avrel.project.Project;
import app.avrel.project.merging.Merged;
import app.avrel.project.merging.Merging;
import app.avrel.rules.Finding;
import app.avrel.words.Wording;
import java.io.IOException;
import java.nio.file.Path;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;

/**
 * The open project: its present value, what is computed from it, what is chosen, where it is saved.
 *
 * <p>Views read {@link #desk()} and listen to it; every change goes through {@link #apply}. Each change is handed to
 * the recovery file at once.
 */
public final class Session {

    /**
     * What views show: the computed project and the choice, changed together.
     *
     * @param staging the direction of the hall in which postures and forms start for now
     * @param selected the finding that is being looked at
     * @param shownOnly whether it is only shown, as if it were made: it is not recorded
     */
    public record Desk(Analysis survey, Choice choice, Heading staging, Optional<Finding> selected, boolean shownOnly) {

        /** A desk is like no other: comparing two would compare everything that is computed. */
        @Override
        public boolean equals(Object other) {
            return this == other;
        }

        @Override
        public int hashCode() {
            return System.identityHashCode(this);
        }

        private Turn turn() {
            return new Turn(staging.degrees());
        }

        /** {@return a posture by itself, starting in the direction it is staged in} */
        public Optional<Occurrence> occurrence(PostureId posture) {
            return survey.track(posture)
                    .map(track -> track.turned(turn()).occurrences().getFirst());
        }

        /** {@return what a run of counts belongs to, with its poses: a posture by itself, a way in where its form does it} */
        public Optional<Occurrence> occurrence(Holder holder) {
            return holder instanceof Holder.OfPosture(PostureId id) ? occurrence(id) : holder.occurrence(survey);
        }

        public Project project() {
            return survey.project();
        }

        /** {@return the words for a posture on the shelf: clock, compass and walls as it is staged for now} */
        public Wording saying() {
            return new Wording(
                    project().directions(), staging, project().setting().rules());
        }

        /** {@return the words for a section of something done where it stands in the hall} */
        public Wording saying(Occurrence done, Moment.Section section) {
            return saying().withFront(done.front(section));
        }

        public Optional<Posture> posture() {
            return choice.posture().flatMap(project()::posture);
        }

        public Form form() {
            return project().form(choice.form()).orElseThrow();
        }

        public Track formTrack() {
            Track track = survey.track(choice.form()).orElseThrow();
            return staging.equals(Heading.FRONT) ? track : track.turned(turn());
        }

        /** {@return the course of the lesson on the desk} */
        public Optional<Course> course() {
            return lesson().flatMap(Lesson::course).flatMap(project()::course);
        }

        public Optional<Lesson> lesson() {
            return choice.lesson() < 0
                    ? Optional.empty()
                    : Optional.of(project().lessons().get(choice.lesson()));
        }
    }

    private final Recovery recovery;
    private final ReadOnlyObjectWrapper<Desk> desk = new ReadOnlyObjectWrapper<>();
    private final ReadOnlyObjectWrapper<Optional<Path>> file = new ReadOnlyObjectWrapper<>(Optional.empty());

    @SuppressWarnings("NullAway.Init") // set by start
    private History history;

    @SuppressWarnings("NullAway.Init") // set by start
    private Project saved;

    private ForeignFields foreign = ForeignFields.NONE;
    private Optional<FileStamp> stamp = Optional.empty();
    private boolean previewing;
    private BooleanSupplier settling = () -> false;
    private Heading staging = Heading.FRONT;
    private Optional<Worked> worked = Optional.empty();

    /** Lessons worked out, and of what. */
    private record Worked(Analysis of, Language language, Lessons lessons) {}

    public Session(Project project, Recovery recovery) {
        this(new Opened.Read(project, ForeignFields.NONE), Optional.empty(), recovery);
    }

    /** @param from the file it was read from, if from one */
    public Session(Opened.Read read, Optional<Path> from, Recovery recovery) {
        this.recovery = recovery;
        start(read, from);
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
        Analysis now = desk.get().survey();
        Language spoken = Labels.language();
        Optional<Worked> known = worked.filter(was -> was.language() == spoken);
        if (known.filter(was -> was.of() == now).isEmpty()) {
            Lessons lessons = known.map(was -> was.lessons().after(now)).orElseGet(() -> new Lessons(now, spoken));
            worked = Optional.of(new Worked(now, spoken, lessons));
        }
        return worked.get().lessons();
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
        return file.getReadOnlyProperty();
    }

    /** {@return whether there is work that is not in the file} */
    public boolean dirty() {
        return !saved.equals(history.present());
    }

    public Optional<String> undoable() {
        return history.undoable();
    }

    public Optional<String> redoable() {
        return history.redoable();
    }

    /** Makes a change. */
    public void apply(Edit edit) {
        if (history.apply(edit)) {
            changed(choice());
        }
    }

    /** Makes a change and chooses something with it. */
    public void apply(Edit edit, Choice then) {
        history.apply(edit);
        changed(then);
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
            recovery.keep(present, file.get(), stamp.map(FileStamp::digest));
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
        Project project = read.project();
        Desk fresh = new Desk(Analysis.of(project), Choice.first(project), staging, Optional.empty(), false);
        history = new History(project);
        saved = project;
        foreign = read.foreign();
        stamp = from.flatMap(FileStamp::of);
        file.set(from);
        recovery.forget();
        desk.set(fresh);
    }

    /** Puts work on the desk that a program left behind; it counts as not saved. {@return whether it is kept anew on disk} */
    public boolean recover(Recovery.Left left) {
        start(left.project(), left.file());
        saved = Project.empty("", left.project().setting());
        left.base().ifPresent(digest -> stamp = Optional.of(FileStamp.ofDigest(digest)));
        changed(choice());
        return recovery.flush();
    }

    /** Opens a file. {@return why it could not be opened; empty where it was} */
    public Optional<String> open(Path path) {
        return switch (ProjectFile.open(path)) {
            case Opened.Read read -> {
                start(read, Optional.of(path));
                yield Optional.empty();
            }
            case Opened.Refused(String message) -> Optional.of(message);
        };
    }

    /** Saves to a file; where somebody else has changed the one that is open here, nothing is written and that is told. */
    public Saving save(Path path) {
        Optional<Opened> theirs = file.get().filter(path::equals).flatMap(_ -> changedThere());
        return theirs.<Saving>map(Saving.ChangedThere::new).orElseGet(() -> write(path));
    }

    /** Saves over a file that somebody else has changed; what it holds is kept beside it. */
    public Saving saveOver(Path path) {
        try {
            SafeFile.aside(path);
        } catch (IOException e) {
            return new Saving.Refused(path + ": " + e.getMessage());
        }
        return write(path);
    }

    private Saving write(Path path) {
        Project present = history.present();
        Optional<String> refused = ProjectFile.save(present, foreign, path);
        if (refused.isEmpty()) {
            saved = present;
            history.endRun();
            stamp = FileStamp.of(path);
            file.set(Optional.of(path));
            changed(choice());
        }
        return Saving.of(refused);
    }

    /** {@return whether somebody else may have changed the file: a quick look} */
    public boolean touchedThere() {
        return file.get()
                .filter(path -> stamp.filter(was -> was.touched(path)).isPresent())
                .isPresent();
    }

    /** {@return what somebody else has made of the file since it was read or saved here; empty where nothing} */
    public Optional<Opened> changedThere() {
        return file.get()
                .filter(path -> stamp.filter(was -> was.changed(path)).isPresent())
                .map(ProjectFile::open);
    }

    /** {@return what is on the desk and what somebody else has made of the file, as one} */
    public Merged together(Project theirs, Merging.Prefer prefer) {
        return Merging.of(saved, project(), theirs, prefer);
    }

    /** Puts both on the desk as one step that can be undone; the file counts as read again. */
    public void putTogether(String words, Merged merged, Opened.Read theirs) {
        readAgain(theirs);
        goBackTo(words, merged.project());
    }

    /** Puts what somebody else has made of the file on the desk, as a step that can be undone. */
    public void takeTheirs(String words, Opened.Read theirs) {
        readAgain(theirs);
        goBackTo(words, theirs.project());
    }

    private void readAgain(Opened.Read theirs) {
        saved = theirs.project();
        foreign = theirs.foreign();
        stamp = file.get().flatMap(FileStamp::of);
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
