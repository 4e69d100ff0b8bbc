package app.avrel.project;

import java.util.Optional;
import java.util.function.UnaryOperator;

/**
 * A named change of the project.
 *
 * @param name as shown beside "Undo"
 * @param run what it belongs to: edits in a row with the same run make one step to undo; empty stands alone
 * @param change what it does
 */
public record Edit(String name, Optional<String> run, UnaryOperator<Project> change) {

    public static Edit of(String name, UnaryOperator<Project> change) {
        return new Edit(name, Optional.empty(), change);
    }

    /** {@return an edit that merges with the ones right before it that have the same run} */
    public static Edit running(String name, String run, UnaryOperator<Project> change) {
        return new Edit(name, Optional.of(run), change);
    }
}
