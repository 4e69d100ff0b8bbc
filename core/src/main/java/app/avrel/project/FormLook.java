package app.avrel.project;

import app.avrel.form.Form;
import app.avrel.form.Performances;
import app.avrel.form.Shelf;
import app.avrel.form.Track;
import app.avrel.form.Unroll;
import app.avrel.posture.PostureId;
import app.avrel.rules.check.Checkup;
import app.avrel.rules.check.FormFindings;
import java.util.Optional;

/**
 * A form that is unrolled and checked when that is first asked for: while one records a posture, the forms it is in can
 * wait.
 */
final class FormLook {

    /**
     * What was found in a form.
     *
     * @param performances as they were unrolled, so that after an edit only what is other is performed again
     * @param findings likewise
     */
    record Found(Form form, Performances performances, Track track, FormFindings findings) {}

    private final Form form;
    private final Shelf shelf;
    private final Checkup checkup;
    private Optional<Found> before;
    private Optional<Found> found = Optional.empty();

    /** @param before what was found in it under the same rules before it was changed */
    FormLook(Form form, Shelf shelf, Checkup checkup, Optional<Found> before) {
        this.form = form;
        this.shelf = shelf;
        this.checkup = checkup;
        this.before = before;
    }

    /** {@return whether a posture is done in the form} */
    boolean does(PostureId posture) {
        return form.entries().stream().anyMatch(entry -> entry.posture().equals(posture));
    }

    /** {@return what was found; threads that ask at once look once} */
    synchronized Found found() {
        if (found.isEmpty()) {
            found = Optional.of(look());
            before = Optional.empty();
        }
        return found.get();
    }

    /** {@return what is known of it by now: what was found, or else what was before} */
    synchronized Optional<Found> known() {
        return found.or(() -> before);
    }

    private Found look() {
        Performances performances = new Performances(checkup.posing(), before.map(Found::performances));
        Track track = Unroll.form(form, shelf, performances);
        FormFindings known = before.map(Found::findings).orElse(FormFindings.NONE);
        return new Found(form, performances, track, checkup.form(form, track, known));
    }
}
