package app.avrel.words.lexicon;

import app.avrel.label.Language;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** The school's own words of one language, found in a typed line before the lexicon's. */
public final class TaughtWords {

    public static final TaughtWords NONE = new TaughtWords(List.of(), Language.ENGLISH);

    private final Language language;
    /** By the first letter; longer phrases first. */
    private final Map<Character, List<TaughtWord>> byLetter = new HashMap<>();

    private TaughtWords(List<TaughtWord> words, Language language) {
        this.language = language;
        words.stream()
                .filter(word -> word.language() == language)
                .sorted((one, two) -> two.phrase().length() - one.phrase().length())
                .forEach(word -> byLetter.computeIfAbsent(plain(word).charAt(0), _ -> new ArrayList<>())
                        .add(word));
    }

    public static TaughtWords of(List<TaughtWord> words, Language language) {
        return words.isEmpty() ? NONE : new TaughtWords(words, language);
    }

    private static String plain(TaughtWord word) {
        return Scanner.plain(word.phrase());
    }

    /** {@return the tokens of a line, in which each taught phrase has the tokens of what it means} */
    public List<Token> scan(String line, Language of) {
        if (byLetter.isEmpty()) {
            return Scanner.scan(line, of);
        }
        List<Token> tokens = new ArrayList<>();
        String plain = Scanner.plain(line);
        int done = 0;
        for (int at = 0; at < plain.length(); at++) {
            Optional<TaughtWord> word = begins(plain, at) ? at(plain, at) : Optional.empty();
            if (word.isPresent()) {
                moved(Scanner.scan(line.substring(done, at), of), done, tokens);
                int end = at + word.get().phrase().length();
                meant(word.get(), at, end, plain.substring(at, end), tokens);
                done = end;
                at = end - 1;
            }
        }
        moved(Scanner.scan(line.substring(done), of), done, tokens);
        return tokens;
    }

    private boolean begins(String plain, int at) {
        return language == Language.CHINESE || at == 0 || !Character.isLetterOrDigit(plain.charAt(at - 1));
    }

    private Optional<TaughtWord> at(String plain, int at) {
        return byLetter.getOrDefault(plain.charAt(at), List.of()).stream()
                .filter(word -> plain.startsWith(plain(word), at)
                        && ends(plain, at + word.phrase().length()))
                .findFirst();
    }

    private boolean ends(String plain, int end) {
        return language == Language.CHINESE || end == plain.length() || !Character.isLetterOrDigit(plain.charAt(end));
    }

    private static void moved(List<Token> found, int by, List<Token> into) {
        for (Token token : found) {
            into.add(new Token(
                    token.from() + by, token.to() + by, token.text(), token.term(), token.many(), token.mended()));
        }
    }

    /** What a phrase means stands where the phrase stands. */
    private void meant(TaughtWord word, int from, int to, String text, List<Token> into) {
        for (Token token : Scanner.scan(word.means(), language)) {
            into.add(new Token(from, to, text, token.term(), token.many(), false));
        }
    }

    /** {@return taught phrases that go on as {@code start} begins} */
    public List<String> goingOn(String start) {
        return byLetter.values().stream()
                .flatMap(List::stream)
                .map(TaughtWord::phrase)
                .filter(phrase -> Scanner.plain(phrase).startsWith(start))
                .toList();
    }
}
