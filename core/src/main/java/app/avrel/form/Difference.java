package app.avrel.form;

import app.avrel.posture.move.Move;

/** How one run of counts differs from another, a move at a time. Counts are those of the run the move stands in, from 0. */
public sealed interface Difference {

    /** A move that only the second has. */
    record Added(Move move, int count) implements Difference {}

    /** A move that only the first has. */
    record Dropped(Move move, int count) implements Difference {}

    /**
     * A move that both have, differently.
     *
     * @param fromCount in the first
     * @param count in the second
     */
    record Changed(Move from, int fromCount, Move to, int count) implements Difference {}

    /** {@return the same seen from the second run} */
    default Difference inverse() {
        return switch (this) {
            case Added(Move move, int count) -> new Dropped(move, count);
            case Dropped(Move move, int count) -> new Added(move, count);
            case Changed(Move from, int fromCount, Move to, int count) -> new Changed(to, count, from, fromCount);
        };
    }
}
