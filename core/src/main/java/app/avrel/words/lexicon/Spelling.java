package app.avrel.words.lexicon;

import app.avrel.label.Language;
import app.avrel.posture.NameSearch;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Finds the known word that was meant where one letter slipped, and the nearest for a proposal. */
public final class Spelling {

    /** Shorter words are mended only where two letters changed places. */
    private static final int LONG_ENOUGH = 5;

    private Spelling() {}

    /** {@return the one known word that a single slip makes of this; empty where none is or several are} */
    static Optional<String> mended(String word, Lexicon lexicon) {
        if (word.length() < LONG_ENOUGH - 1) {
            return Optional.empty();
        }
        List<String> swapped =
                lexicon.words().stream().filter(known -> swap(word, known)).toList();
        if (!swapped.isEmpty()) {
            return Optional.of(swapped.getFirst());
        }
        if (word.length() < LONG_ENOUGH) {
            return Optional.empty();
        }
        return lexicon.words().stream()
                .filter(known -> known.length() >= LONG_ENOUGH - 1
                        && Math.abs(known.length() - word.length()) <= 1
                        && known.charAt(0) == word.charAt(0)
                        && NameSearch.distance(word, known) == 1)
                .min(Comparator.comparingInt((String known) ->
                                known.length() == word.length() ? 0 : known.length() > word.length() ? 1 : 2)
                        .thenComparing(Comparator.naturalOrder()));
    }

    /** {@return typed words with each slip mended, as they are read} */
    public static String asRead(String typed, Language language) {
        Lexicon lexicon = Lexicon.of(language);
        return Stream.of(PlainLetters.of(typed).split(" "))
                .map(word ->
                        lexicon.hasWord(word) ? word : mended(word, lexicon).orElse(word))
                .collect(Collectors.joining(" "));
    }

    /** {@return typed words as they are looked up, without accents and in small letters} */
    public static String asTyped(String typed) {
        return PlainLetters.of(typed);
    }

    private static boolean swap(String word, String known) {
        if (word.length() != known.length()) {
            return false;
        }
        int at = 0;
        while (at < word.length() && word.charAt(at) == known.charAt(at)) {
            at++;
        }
        return at + 1 < word.length()
                && word.charAt(at) == known.charAt(at + 1)
                && word.charAt(at + 1) == known.charAt(at)
                && word.substring(at + 2).equals(known.substring(at + 2));
    }

    /** {@return the known phrase nearest to one that is not known} */
    public static Optional<String> nearest(String unknown, Language language) {
        String plain = PlainLetters.of(unknown);
        if (language == Language.CHINESE) {
            return sharing(plain);
        }
        int most = plain.length() <= 3 ? 1 : 2;
        return Lexicon.of(language).forms().stream()
                .filter(word -> Math.abs(word.length() - plain.length()) <= most)
                .filter(word -> !word.equals(plain) && NameSearch.distance(plain, word) <= most)
                .min(Comparator.comparingInt((String word) -> NameSearch.distance(plain, word))
                        .thenComparing(Comparator.naturalOrder()))
                .map(Lexicon.of(language)::spelled);
    }

    /** Chinese: the shortest word of two letters or more that shares one. */
    private static Optional<String> sharing(String unknown) {
        return Lexicon.of(Language.CHINESE).forms().stream()
                .filter(word -> word.length() > 1 && unknown.chars().anyMatch(letter -> word.indexOf(letter) >= 0))
                .min(Comparator.comparingInt(String::length).thenComparing(Comparator.naturalOrder()));
    }
}
