package app.avrel.desktop.postures;

import app.avrel.desktop.words.Words;
import app.avrel.form.Form;
import app.avrel.posture.Posture;
import app.avrel.posture.PostureId;
import app.avrel.posture.PostureName;
import app.avrel.project.Edit;
import app.avrel.project.Project;
import java.util.ArrayList;
import java.util.List;

/** Changes to the shelf of postures, each one step to undo. */
final class PostureEdits {

    private PostureEdits() {}

    /** {@return the posture put on the shelf, last} */
    static Edit add(String name, Posture posture) {
        return Edit.of(name, project -> {
            List<Posture> postures = new ArrayList<>(project.postures());
            postures.add(posture);
            return project.withPostures(postures);
        });
    }

    /** {@return the same posture with an id of its own and a first name that says that it is a copy} */
    static Posture copy(Project project, Posture posture) {
        String name = Words.of("postures.copy", posture.name());
        List<PostureName> names = new ArrayList<>(posture.names());
        PostureName first = names.getFirst();
        names.set(0, new PostureName(first.language(), name, first.romanised(), first.meaning()));
        return posture.withId(project.freshPostureId(name)).withNames(names);
    }

    /** {@return the posture taken off the shelf} */
    static Edit delete(PostureId gone) {
        return Edit.of(
                Words.of("postures.delete_posture"),
                project -> project.withPostures(project.postures().stream()
                        .filter(posture -> !posture.id().equals(gone))
                        .toList()));
    }

    /** {@return where a posture is done: the names of forms, each with how many entries it has there} */
    static List<String> uses(Project project, PostureId posture) {
        return project.forms().stream()
                .filter(form -> times(form, posture) > 0)
                .map(form -> form.name() + " (" + times(form, posture) + ")")
                .toList();
    }

    private static long times(Form form, PostureId posture) {
        return form.entries().stream()
                .filter(entry -> entry.posture().equals(posture))
                .count();
    }
}
