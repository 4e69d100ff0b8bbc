package app.avrel.rules;

import app.avrel.form.FormId;
import app.avrel.posture.PostureId;
import java.util.Optional;

/** What a finding is about. */
public sealed interface Where {

    /** {@return which count it is about, from 0; empty for the whole} */
    default Optional<Integer> count() {
        return switch (this) {
            case InPosture posture -> posture.count;
            case InForm form -> form.linkCount;
        };
    }

    /**
     * A posture, or one of its counts.
     *
     * @param count from 0; empty for the posture as a whole
     */
    record InPosture(PostureId posture, Optional<Integer> count) implements Where {}

    /**
     * An entry of a form, or a count of its way in.
     *
     * @param entry from 0
     * @param linkCount from 0, of the way in; empty for the join or the entry as a whole
     */
    record InForm(FormId form, int entry, Optional<Integer> linkCount) implements Where {}
}
