package app.avrel.posture.count;

import app.avrel.posture.move.Move;
import java.util.List;

/**
 * What moves at the same time within a count.
 *
 * @param moves in the order they were said; the order has no meaning
 */
public record Stage(List<Move> moves) {

    public static final Stage STILL = new Stage(List.of());

    public Stage {
        moves = List.copyOf(moves);
    }

    public static Stage of(Move... moves) {
        return new Stage(List.of(moves));
    }
}
