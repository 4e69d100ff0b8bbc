package app.avrel.posture;

import app.avrel.posture.count.Count;

/**
 * A count that is not the mirror of the recorded side's on the other side.
 *
 * @param count from 0
 * @param instead the count as it is done on the other side
 */
public record SideDifference(int count, Count instead) {
    public SideDifference {
        if (count < 0) {
            throw new IllegalArgumentException("a count must be at least 0, but was " + count);
        }
    }
}
