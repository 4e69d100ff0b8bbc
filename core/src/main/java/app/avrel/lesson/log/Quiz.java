package app.avrel.lesson.log;

import app.avrel.form.FormId;
import app.avrel.posture.PostureId;
import java.time.LocalDate;
import java.util.List;

/**
 * What one knew of a form's order when asked what comes next.
 *
 * @param asked how often, at least 1
 * @param missed what did not come to mind, in the form's order; at most as many as were asked
 */
public record Quiz(LocalDate date, FormId form, int asked, List<PostureId> missed) {

    public Quiz {
        missed = List.copyOf(missed);
        if (asked < 1 || asked > 100_000 || missed.size() > asked) {
            throw new IllegalArgumentException(
                    "a quiz asks 1 to 100000 times and misses no more, but it was " + missed.size() + " of " + asked);
        }
    }

    /** {@return how often one knew what comes} */
    public int known() {
        return asked - missed.size();
    }
}
