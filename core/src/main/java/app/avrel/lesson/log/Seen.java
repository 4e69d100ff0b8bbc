package app.avrel.lesson.log;

import app.avrel.body.Side;
import app.avrel.posture.PostureId;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Optional;

/**
 * A mistake that was seen.
 *
 * @param side on which side of the posture; empty where it has none
 * @param count at which count, from 0; empty for the posture as a whole
 * @param what how it looks
 * @param times how often, at least 1
 */
@RecordBuilder
public record Seen(PostureId posture, Optional<Side> side, Optional<Integer> count, String what, int times)
        implements SeenBuilder.With {

    public Seen {
        if (times < 1 || times > 9999) {
            throw new IllegalArgumentException("a mistake must be seen 1 to 9999 times, but was " + times);
        }
    }

    /** {@return whether both are the same mistake} */
    public boolean same(Seen other) {
        return posture.equals(other.posture)
                && side.equals(other.side)
                && count.equals(other.count)
                && what.equalsIgnoreCase(other.what);
    }
}
