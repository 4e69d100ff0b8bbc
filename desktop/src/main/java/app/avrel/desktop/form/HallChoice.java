package app.avrel.desktop.form;

import app.avrel.form.hall.Hall;
import app.avrel.project.Project;
import java.util.Optional;

/** Which of the project's halls is looked at. */
final class HallChoice {

    private int chosen;

    void choose(int at) {
        chosen = at;
    }

    int at(Project project) {
        return Math.max(0, Math.min(chosen, project.halls().size() - 1));
    }

    Optional<Hall> of(Project project) {
        return project.halls().isEmpty()
                ? Optional.empty()
                : Optional.of(project.halls().get(at(project)));
    }
}
