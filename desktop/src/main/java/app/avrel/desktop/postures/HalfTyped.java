package app.avrel.desktop.postures;

import app.avrel.words.lexicon.Spelling;
import java.util.List;
import java.util.Optional;

/** A word at the end of a line that is still being typed, and how it may go on. */
final class HalfTyped {

    private static final int LEAST = 2;

    private HalfTyped() {}

    /** {@return the last word, where it is begun and nothing follows it} */
    static Optional<String> in(String text) {
        String last = text.substring(text.lastIndexOf(' ') + 1);
        return last.length() >= LEAST && Character.isLetter(last.charAt(last.length() - 1))
                ? Optional.of(last)
                : Optional.empty();
    }

    /** {@return the first of the words that go on so; none where the word is whole already} */
    static Optional<String> whole(String start, List<String> words) {
        String plain = Spelling.asTyped(start);
        boolean done = words.stream().map(Spelling::asTyped).anyMatch(plain::equals);
        return done ? Optional.empty() : words.stream().findFirst();
    }

    /** {@return the line with its last word whole, ready for the next} */
    static String completed(String line, String word) {
        return line.substring(0, line.lastIndexOf(' ') + 1) + word + " ";
    }
}
