package app.avrel.desktop.postures;

import app.avrel.posture.move.Move;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.IntFunction;

/** One field of a move on the card. */
public sealed interface MoveField {

    String label();

    /** One of a few words. */
    record OneOf(String label, List<String> words, int chosen, IntFunction<Move> change) implements MoveField {}

    /**
     * A line to type in.
     *
     * @param text what the move has now; empty where it is not said
     * @param change the move with another text; empty where the text is not understood
     */
    record Line(String label, String text, String example, Function<String, Optional<Move>> change)
            implements MoveField {}
}
