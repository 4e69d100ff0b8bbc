package app.avrel.words.lexicon;

import app.avrel.floor.Heading;
import app.avrel.floor.NamedPlace;
import app.avrel.label.Language;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/** The school's own words of one language, and the things of its halls, found in a typed line before the lexicon's. */
public final class TaughtWords {

    public static final TaughtWords NONE = new TaughtWords(List.of(), Language.ENGLISH, List.of());

    private final Language language;
    /** By the first letter; longer phrases first. */
    private final Map<Character, List<Known>> byLetter = new HashMap<>();
    /** What a language has a common word for, whatever the hall calls it. */
    private final Map<Term.Named, Heading> common = new EnumMap<>(Term.Named.class);

    /** A phrase, in plain letters, and what stands for it: other words, or a direction of the hall. */
    private record Known(String phrase, String plain, Optional<String> means, Optional<Heading> toward) {}

    private TaughtWords(List<TaughtWord> words, Language language, List<NamedPlace> places) {
        this.language = language;
        Stream<Known> taught = words.stream()
                .filter(word -> word.language() == language)
                .map(word -> new Known(
                        word.phrase(),
                        PlainLetters.of(word.phrase(), language),
                        Optional.of(word.means()),
                        Optional.empty()));
        Stream<Known> named = places.stream()
                .map(place -> new Known(
                        place.name(),
                        PlainLetters.of(place.name(), language),
                        Optional.empty(),
                        Optional.of(place.toward())));
        Stream.concat(taught, named)
                .sorted(Comparator.comparingInt((Known known) -> known.plain().length())
                        .reversed())
                .forEach(known -> byLetter.computeIfAbsent(known.plain().charAt(0), _ -> new ArrayList<>())
                        .add(known));
        places.forEach(place -> kinds(place.name()).forEach(kind -> common.putIfAbsent(kind, place.toward())));
    }

    private static Stream<Term.Named> kinds(String name) {
        return Stream.of(Language.values())
                .flatMap(some -> Scanner.scan(name, some).stream())
                .map(Token::term)
                .filter(Term.Named.class::isInstance)
                .map(Term.Named.class::cast);
    }

    /**
     * {@return the words of a school}
     *
     * @param places of its halls, each in the direction in which it is from the front the form starts at
     */
    public static TaughtWords of(List<TaughtWord> words, Language language, List<NamedPlace> places) {
        return words.isEmpty() && places.isEmpty() ? NONE : new TaughtWords(words, language, places);
    }

    /** {@return the tokens of a line, in which each known phrase has the tokens of what it means} */
    public List<Token> scan(String line, Language of) {
        if (byLetter.isEmpty()) {
            return Scanner.scan(line, of);
        }
        List<Token> tokens = new ArrayList<>();
        String plain = PlainLetters.of(line, language);
        int done = 0;
        for (int at = 0; at < plain.length(); at++) {
            Optional<Known> known = begins(plain, at) ? at(plain, at) : Optional.empty();
            if (known.isPresent()) {
                moved(between(line, done, at, of), done, tokens);
                int end = at + known.get().plain().length();
                meant(known.get(), at, end, plain.substring(at, end), tokens);
                done = end;
                at = end - 1;
            }
        }
        moved(between(line, done, line.length(), of), done, tokens);
        tokens.replaceAll(this::placed);
        return tokens;
    }

    /** What stands between the phrases that are taught: only the line itself begins with a number of a list. */
    private static List<Token> between(String line, int from, int to, Language of) {
        String part = line.substring(from, to);
        return from == 0 ? Scanner.scan(part, of) : Scanner.rest(part, of);
    }

    /** The window of this hall, by whatever common word it was called. */
    private Token placed(Token token) {
        Heading toward = token.term() instanceof Term.Named named ? common.get(named) : null;
        return toward == null
                ? token
                : new Token(
                        token.from(), token.to(), token.text(), new Term.Hall(toward), token.many(), token.mended());
    }

    private boolean begins(String plain, int at) {
        return language == Language.CHINESE || at == 0 || !Character.isLetterOrDigit(plain.charAt(at - 1));
    }

    private Optional<Known> at(String plain, int at) {
        return byLetter.getOrDefault(plain.charAt(at), List.of()).stream()
                .filter(known -> plain.startsWith(known.plain(), at)
                        && ends(plain, at + known.plain().length()))
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
    private void meant(Known known, int from, int to, String text, List<Token> into) {
        known.toward().ifPresent(toward -> into.add(new Token(from, to, text, new Term.Hall(toward))));
        known.means()
                .ifPresent(means -> Scanner.scan(means, language)
                        .forEach(token -> into.add(new Token(from, to, text, token.term(), token.many(), false))));
    }

    /** {@return taught phrases that go on as {@code start} begins} */
    public List<String> goingOn(String start) {
        return byLetter.values().stream()
                .flatMap(List::stream)
                .filter(known -> known.plain().startsWith(start))
                .map(Known::phrase)
                .toList();
    }
}
