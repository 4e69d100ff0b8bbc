package app.avrel.desktop.lessons;

import app.avrel.desktop.parts.Figures;
import app.avrel.desktop.words.Words;
import app.avrel.lesson.Stretch;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** The counts of a segment as its field shows them, "all" or "1 to 3", and as they are typed in any language. */
final class CountsText {

    private CountsText() {}

    static String of(Stretch stretch) {
        return stretch.counts()
                .map(some -> Words.of("common.x_to_x", some.first() + 1, some.last() + 1))
                .orElse(Words.of("lessons.all"));
    }

    /** {@return whether all counts are meant: the word for it, or nothing} */
    static boolean all(String typed) {
        return typed.isBlank() || typed.strip().equalsIgnoreCase(Words.of("lessons.all"));
    }

    /** {@return the counts from one number to another, or one alone; empty where there is neither} */
    static Optional<Stretch.Counts> parse(String typed) {
        List<String> ends =
                Stream.of(typed.split("\\D+")).filter(end -> !end.isEmpty()).toList();
        if (ends.isEmpty() || ends.size() > 2) {
            return Optional.empty();
        }
        Optional<Integer> first = Figures.whole(ends.getFirst(), 1, 999);
        Optional<Integer> last = Figures.whole(ends.getLast(), 1, 999);
        return first.isPresent() && last.filter(to -> to >= first.get()).isPresent()
                ? Optional.of(new Stretch.Counts(first.get() - 1, last.get() - 1))
                : Optional.empty();
    }
}
