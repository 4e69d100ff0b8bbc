package app.avrel.desktop.lessons;

import app.avrel.desktop.parts.Figures;
import app.avrel.desktop.words.Words;
import app.avrel.lesson.Stretch;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** The counts of a segment as its field shows them, "all" or "1 to 3", and as they are typed in any language. */
final class CountsText {

    /** A number, or two with a dash or a word of any language between them. */
    private static final Pattern TYPED = Pattern.compile("(\\d+)(?:\\s*(?:[-–]|\\p{L}+)\\s*(\\d+))?");

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
        Matcher said = TYPED.matcher(typed.strip());
        if (!said.matches()) {
            return Optional.empty();
        }
        Optional<Integer> first = Figures.whole(said.group(1), 1, 999);
        Optional<Integer> last = said.group(2) == null ? first : Figures.whole(said.group(2), 1, 999);
        return first.isPresent() && last.filter(to -> to >= first.get()).isPresent()
                ? Optional.of(new Stretch.Counts(first.get() - 1, last.get() - 1))
                : Optional.empty();
    }
}
