package app.avrel.posture.teaching;

import app.avrel.posture.count.Count;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Optional;

/**
 * A common mistake.
 *
 * @param looksLike how one sees it
 * @param why it matters
 * @param putRight how it is put right
 * @param count at which count, from 0; empty for the posture as a whole
 * @param shown that count as it is done wrongly, to be laid beside the right one; empty where the words are enough
 */
@RecordBuilder
public record Mistake(String looksLike, String why, String putRight, Optional<Integer> count, Optional<Count> shown)
        implements MistakeBuilder.With {

    /** Nothing said yet. */
    public static final Mistake BLANK = new Mistake("", "", "", Optional.empty(), Optional.empty());
}
