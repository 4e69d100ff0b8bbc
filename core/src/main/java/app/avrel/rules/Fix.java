package app.avrel.rules;

import app.avrel.posture.Mirror;
import app.avrel.posture.Posture;
import app.avrel.posture.count.Count;
import app.avrel.posture.count.Counts;
import app.avrel.posture.move.Move;
import java.util.ArrayList;
import java.util.List;

/**
 * A way to mend what was found: one count of a posture or of a way in recorded otherwise.
 *
 * @param words what it does, as a request
 * @param count which count, from 0
 * @param becomes the count as it is then
 */
public record Fix(String words, int count, Count becomes) {

    /** {@return the posture with the fix applied} */
    public Posture applied(Posture posture) {
        return posture.withCounts(applied(posture.counts()));
    }

    /** {@return counts with the fix applied} */
    public List<Count> applied(List<Count> counts) {
        return Counts.change(counts, count, _ -> becomes);
    }

    /** {@return the same for counts that are held as their other side; it is still said as it is done} */
    public Fix otherSide() {
        return new Fix(words, count, Mirror.of(becomes));
    }

    /** {@return how many moves are new or other than they were} */
    public long changes(List<Count> counts) {
        List<Move> left = new ArrayList<>(counts.get(count).moves().toList());
        return becomes.moves().filter(move -> !left.remove(move)).count();
    }

    /** {@return whether there are fewer moves than before} */
    public boolean loses(List<Count> counts) {
        return becomes.moves().count() < counts.get(count).moves().count();
    }
}
