package app.avrel.words.say;

import app.avrel.posture.move.Move;
import java.util.List;

/**
 * What is said of one move, or of both hands' that do the same.
 *
 * @param stage which stage of the count, from 0
 * @param moves one, or two where both hands do one thing; what is said of them, not all that is recorded
 */
public record Told(int stage, List<Move> moves, String words) {

    public Told {
        moves = List.copyOf(moves);
    }

    /** {@return the move, the first of two} */
    public Move move() {
        return moves.getFirst();
    }
}
