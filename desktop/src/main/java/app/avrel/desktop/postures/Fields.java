package app.avrel.desktop.postures;

import app.avrel.body.Landmark;
import app.avrel.body.Length;
import app.avrel.body.Side;
import app.avrel.desktop.words.Words;
import app.avrel.posture.move.Move;
import app.avrel.words.reading.FieldText;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.IntFunction;
import java.util.stream.Stream;

/** The kinds of fields that moves have: one of a few words, a line to type, a length. */
final class Fields {

    static final String UNSAID = "–";

    private Fields() {}

    static MoveField foot(Side foot, Function<Side, Move> change) {
        return oneOf(
                Words.of("postures.foot"),
                List.of(Words.of("common.left"), Words.of("common.right")),
                foot.ordinal(),
                at -> change.apply(Side.values()[at]));
    }

    static MoveField landmark(String label, Optional<Landmark> at, Function<Optional<Landmark>, Move> change) {
        List<String> words = Arrays.stream(Landmark.values()).map(Words::of).toList();
        return maybe(
                label, words, at.map(Landmark::ordinal), i -> change.apply(i.map(index -> Landmark.values()[index])));
    }

    static MoveField length(
            FieldText said,
            String label,
            Optional<Length> length,
            String example,
            Function<Optional<Length>, Move> change) {
        return line(label, length.map(said::say).orElse(""), example, unsaidOr(said::length, change));
    }

    static MoveField oneOf(String label, List<String> words, int chosen, IntFunction<Move> change) {
        return new MoveField.OneOf(label, words, chosen, change);
    }

    /** A choice with "not said" before the words. */
    static MoveField maybe(
            String label, List<String> words, Optional<Integer> chosen, Function<Optional<Integer>, Move> change) {
        List<String> all = Stream.concat(Stream.of(UNSAID), words.stream()).toList();
        return oneOf(
                label,
                all,
                chosen.map(i -> i + 1).orElse(0),
                at -> change.apply(at == 0 ? Optional.empty() : Optional.of(at - 1)));
    }

    /** A choice among the constants of an enum, or nothing said. */
    static <E> MoveField choice(
            String label,
            E[] values,
            Function<E, String> word,
            Optional<E> chosen,
            Function<Optional<E>, Move> change) {
        List<E> all = List.of(values);
        return maybe(
                label, all.stream().map(word).toList(), chosen.map(all::indexOf), at -> change.apply(at.map(all::get)));
    }

    static MoveField line(String label, String text, String example, Function<String, Optional<Move>> change) {
        return new MoveField.Line(label, text, example, change);
    }

    /** An empty line is not said; any other must be understood. */
    static <T> Function<String, Optional<Move>> unsaidOr(
            Function<String, Optional<T>> parse, Function<Optional<T>, Move> change) {
        return text -> text.isBlank()
                ? Optional.of(change.apply(Optional.empty()))
                : parse.apply(text).map(value -> change.apply(Optional.of(value)));
    }
}
