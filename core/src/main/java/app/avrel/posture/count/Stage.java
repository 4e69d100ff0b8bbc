package app.avrel.posture.count;

import app.avrel.floor.Numbers;
import app.avrel.posture.move.Move;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Optional;

/**
 * What moves at the same time within a count.
 *
 * @param moves in the order they were said; the order has no meaning
 * @param on the beat of the count on which it begins, from 1 and to the hundredth; where it is not said, the stages share
 *     what time there is evenly
 */
@RecordBuilder
public record Stage(List<Move> moves, Optional<Double> on) implements StageBuilder.With {

    public static final Stage STILL = of(List.of());

    public Stage {
        moves = List.copyOf(moves);
        on = on.map(Numbers::hundredths);
        on.ifPresent(beat -> {
            if (!(beat >= 1 && beat < Count.MOST_BEATS + 1)) {
                throw new IllegalArgumentException("a stage must begin on beat 1 to " + (int) Count.MOST_BEATS
                        + ", but was " + Numbers.plain(beat));
            }
        });
    }

    public static Stage of(Move... moves) {
        return of(List.of(moves));
    }

    /** {@return a stage whose time is not said} */
    public static Stage of(List<Move> moves) {
        return new Stage(moves, Optional.empty());
    }

    /** {@return this stage, beginning on a beat} */
    public Stage on(double beat) {
        return withOn(Optional.of(beat));
    }
}
