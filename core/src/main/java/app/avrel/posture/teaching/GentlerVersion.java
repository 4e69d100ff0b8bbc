package app.avrel.posture.teaching;

import app.avrel.posture.count.Count;
import java.util.List;

/**
 * A version of a posture that asks less: some counts in place of others.
 *
 * @param name what it is called
 * @param from the first count that is replaced, from 0
 * @param to past the last count that is replaced
 * @param counts that take their place
 */
public record GentlerVersion(String name, int from, int to, List<Count> counts) {

    public GentlerVersion {
        counts = List.copyOf(counts);
        if (from < 0 || to < from) {
            throw new IllegalArgumentException(
                    "a gentler version must replace counts in order, but it was from " + from + " to " + to);
        }
    }
}
