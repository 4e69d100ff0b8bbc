package app.avrel.project;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.Optional;

/** The project and its past and undone values; undo and redo are exact because values are only kept, never computed. */
public final class History {

    private record Step(String name, Project before, Project after) {}

    private final Deque<Step> past = new ArrayDeque<>();
    private final Deque<Step> undone = new ArrayDeque<>();
    private Project present;
    private Optional<String> run = Optional.empty();

    public History(Project start) {
        present = start;
    }

    public Project present() {
        return present;
    }

    /** Makes a change; one that changes nothing leaves no step. {@return whether anything changed} */
    public boolean apply(Edit edit) {
        Project changed = edit.change().apply(present);
        if (changed.equals(present)) {
            return false;
        }
        boolean merges = edit.run().isPresent() && edit.run().equals(run) && !past.isEmpty();
        Project before = merges ? past.pop().before() : present;
        past.push(new Step(edit.name(), before, changed));
        undone.clear();
        present = changed;
        run = edit.run();
        return true;
    }

    /** Ends the current run, so that the next edit is a step of its own. */
    public void endRun() {
        run = Optional.empty();
    }

    /** {@return what undo would take back} */
    public Optional<String> undoable() {
        return Optional.ofNullable(past.peek()).map(Step::name);
    }

    /** {@return what redo would do again} */
    public Optional<String> redoable() {
        return Optional.ofNullable(undone.peek()).map(Step::name);
    }

    /** Takes the last step back, if there is one. */
    public void undo() {
        if (!past.isEmpty()) {
            Step step = past.pop();
            undone.push(step);
            present = step.before();
            endRun();
        }
    }

    /** Does the last undone step again, if there is one. */
    public void redo() {
        if (!undone.isEmpty()) {
            Step step = undone.pop();
            past.push(step);
            present = step.after();
            endRun();
        }
    }
}
