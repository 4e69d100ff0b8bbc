package app.avrel.cue.hear;

import app.avrel.posture.PostureId;
import app.avrel.posture.count.Breath;
import app.avrel.posture.move.Move;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;

/**
 * A piece of a script that says one thing.
 *
 * @param line which line of the script it is said in; 0 where it stands by itself
 * @param moves what it says is done; none where it says something else
 * @param breath which breath it calls
 * @param number the number it tells by itself
 * @param time which time it says this is, from 1
 * @param name whose name it is
 * @param seconds when it is said, where the script has times
 */
record Heard(
        int line,
        String text,
        List<Move> moves,
        Optional<Breath> breath,
        OptionalInt number,
        OptionalInt time,
        Optional<PostureId> name,
        OptionalDouble seconds) {

    static Heard nothing(String text, OptionalDouble seconds) {
        return new Heard(
                0,
                text,
                List.of(),
                Optional.empty(),
                OptionalInt.empty(),
                OptionalInt.empty(),
                Optional.empty(),
                seconds);
    }

    static Heard moves(int line, String text, List<Move> moves, Optional<Breath> breath, OptionalDouble seconds) {
        return new Heard(
                line, text, moves, breath, OptionalInt.empty(), OptionalInt.empty(), Optional.empty(), seconds);
    }

    static Heard name(String text, PostureId whose, OptionalDouble seconds) {
        return new Heard(
                0,
                text,
                List.of(),
                Optional.empty(),
                OptionalInt.empty(),
                OptionalInt.empty(),
                Optional.of(whose),
                seconds);
    }

    static Heard number(String text, int number, OptionalDouble seconds) {
        return new Heard(
                0,
                text,
                List.of(),
                Optional.empty(),
                OptionalInt.of(number),
                OptionalInt.empty(),
                Optional.empty(),
                seconds);
    }

    static Heard time(String text, int nth, OptionalDouble seconds) {
        return new Heard(
                0,
                text,
                List.of(),
                Optional.empty(),
                OptionalInt.empty(),
                OptionalInt.of(nth),
                Optional.empty(),
                seconds);
    }

    /** {@return whether it says anything that can be held against the record} */
    boolean says() {
        return !moves.isEmpty() || breath.isPresent() || number.isPresent() || time.isPresent() || name.isPresent();
    }
}
