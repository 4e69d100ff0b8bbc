package app.avrel.posture;

import java.util.ArrayList;
import java.util.List;

/**
 * A version of a posture that asks less: some counts in place of others.
 *
 * @param name what it is called
 * @param from the first count that is replaced, from 0
 * @param to past the last count that is replaced
 * @param counts that take their place
 */
public record Gentler(String name, int from, int to, List<Count> counts) {

    public Gentler {
        counts = List.copyOf(counts);
        if (from < 0 || to < from) {
            throw new IllegalArgumentException(
                    "a gentler version must replace counts in order, but it was from " + from + " to " + to);
        }
    }

    /** {@return the posture done this way; counts it no longer has are left out} */
    public Posture of(Posture posture) {
        List<Count> whole = posture.counts();
        int start = Math.min(from, whole.size());
        int end = Math.min(to, whole.size());
        List<Count> done = new ArrayList<>(whole.subList(0, start));
        done.addAll(counts);
        done.addAll(whole.subList(end, whole.size()));
        return posture.withCounts(done).withEnd(EndClaim.NONE);
    }
}
