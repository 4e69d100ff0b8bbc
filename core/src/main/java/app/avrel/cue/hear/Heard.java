package app.avrel.cue.hear;

import app.avrel.posture.PostureId;
import app.avrel.posture.count.Breath;
import app.avrel.posture.move.Move;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;

/**
 * A piece of a script that says one thing.
 *
 * @param line which line of the script it is said in; 0 where it stands by itself
 * @param moves what it says is done; none where it says something else
 * @param going whether something goes up or down by its verb
 * @param breath which breath it calls
 * @param breathOnly whether it says nothing but that breath
 * @param number the number it tells by itself
 * @param time which time it says this is, from 1
 * @param name whose name it is
 * @param seconds when it is said, where the script has times
 */
@RecordBuilder
record Heard(
        int line,
        String text,
        List<Move> moves,
        Optional<Going> going,
        Optional<Breath> breath,
        boolean breathOnly,
        OptionalInt number,
        OptionalInt time,
        Optional<PostureId> name,
        OptionalDouble seconds)
        implements HeardBuilder.With {

    /** Which way a verb goes. */
    enum Going {
        UP,
        DOWN
    }

    /** {@return words that say nothing yet} */
    static Heard nothing(String text, OptionalDouble seconds) {
        return new Heard(
                0,
                text,
                List.of(),
                Optional.empty(),
                Optional.empty(),
                false,
                OptionalInt.empty(),
                OptionalInt.empty(),
                Optional.empty(),
                seconds);
    }

    static Heard name(String text, PostureId whose, OptionalDouble seconds) {
        return nothing(text, seconds).withName(Optional.of(whose));
    }

    static Heard number(String text, int number, OptionalDouble seconds) {
        return nothing(text, seconds).withNumber(OptionalInt.of(number));
    }

    static Heard time(String text, int nth, OptionalDouble seconds) {
        return nothing(text, seconds).withTime(OptionalInt.of(nth));
    }

    /** {@return whether it says anything that can be held against the record} */
    boolean says() {
        return !moves.isEmpty() || breath.isPresent() || number.isPresent() || time.isPresent() || name.isPresent();
    }
}
