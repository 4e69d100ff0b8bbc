package app.avrel.posture.teaching;

import java.util.Optional;

/**
 * A common mistake.
 *
 * @param looksLike how one sees it
 * @param why it matters
 * @param putRight how it is put right
 * @param count at which count, from 0; empty for the posture as a whole
 */
public record Mistake(String looksLike, String why, String putRight, Optional<Integer> count) {

    /** Nothing said yet. */
    public static final Mistake BLANK = new Mistake("", "", "", Optional.empty());
}
