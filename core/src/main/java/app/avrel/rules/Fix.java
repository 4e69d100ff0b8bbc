package app.avrel.rules;

import app.avrel.posture.Posture;
import app.avrel.posture.count.Count;
import app.avrel.posture.count.Counts;

/**
 * A way to mend what was found: one count of the posture recorded otherwise.
 *
 * @param words what it does, as a request
 * @param count which count, from 0
 * @param becomes the count as it is then
 */
public record Fix(String words, int count, Count becomes) {

    /** {@return the posture with the fix applied} */
    public Posture applied(Posture posture) {
        return posture.withCounts(Counts.change(posture.counts(), count, _ -> becomes));
    }
}
