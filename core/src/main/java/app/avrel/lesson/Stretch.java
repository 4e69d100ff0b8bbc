package app.avrel.lesson;

import app.avrel.form.EntryId;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Optional;

/**
 * What of the form a segment is about.
 *
 * @param first the first entry
 * @param last the last one
 * @param counts only these counts of the first entry; empty for the whole stretch
 * @param fromLastCount whether it begins with the last count of the posture before
 */
@RecordBuilder
public record Stretch(EntryId first, EntryId last, Optional<Counts> counts, boolean fromLastCount)
        implements StretchBuilder.With {

    /**
     * Counts of one posture.
     *
     * @param first from 0
     * @param last at least {@code first}
     */
    public record Counts(int first, int last) {
        public Counts {
            if (first < 0 || last < first) {
                throw new IllegalArgumentException(
                        "counts must run from one to a later one, but were " + first + " to " + last);
            }
        }

        public boolean has(int count) {
            return count >= first && count <= last;
        }
    }

    /** {@return whole entries, from one to another} */
    public static Stretch of(EntryId first, EntryId last) {
        return new Stretch(first, last, Optional.empty(), false);
    }
}
