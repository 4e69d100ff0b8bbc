package app.avrel.words.reading;

import app.avrel.posture.NameSearch;
import app.avrel.posture.count.Language;
import java.util.Comparator;
import java.util.Optional;

/** Finds the known word nearest to one that is not known, by the fewest letters changed, left out, added or swapped. */
final class Nearest {

    private Nearest() {}

    static Optional<String> to(String unknown, Language language) {
        String plain = Scanner.plain(unknown);
        int most = plain.length() <= 3 ? 1 : 2;
        return Lexicon.of(language).words().stream()
                .filter(word -> Math.abs(word.length() - plain.length()) <= most)
                .filter(word -> NameSearch.distance(plain, word) <= most)
                .min(Comparator.comparingInt((String word) -> NameSearch.distance(plain, word))
                        .thenComparing(Comparator.naturalOrder()));
    }

    /** {@return what to tell of a word that was not understood} */
    static String message(Token token, Language language) {
        String word = "“" + token.text() + "”";
        if (!token.is(Term.Mark.UNKNOWN)) {
            return word
                    + " does not fit here. Put it into a part of its own, after a comma or “then”, or leave it out.";
        }
        return to(token.text(), language)
                .map(near -> word + " is not a word I know. Did you mean “" + near + "”?")
                .orElse(word + " is not a word I know. Say it in another way, or leave it out.");
    }
}
