package app.avrel.words.reading;

import app.avrel.posture.Language;
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
                .filter(word -> distance(plain, word) <= most)
                .min(Comparator.comparingInt((String word) -> distance(plain, word))
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

    /** Damerau-Levenshtein distance (optimal string alignment). */
    static int distance(String one, String other) {
        int[][] cost = new int[one.length() + 1][other.length() + 1];
        for (int i = 0; i <= one.length(); i++) {
            cost[i][0] = i;
        }
        for (int j = 0; j <= other.length(); j++) {
            cost[0][j] = j;
        }
        for (int i = 1; i <= one.length(); i++) {
            for (int j = 1; j <= other.length(); j++) {
                int change = one.charAt(i - 1) == other.charAt(j - 1) ? 0 : 1;
                int best = Math.min(cost[i - 1][j] + 1, cost[i][j - 1] + 1);
                best = Math.min(best, cost[i - 1][j - 1] + change);
                boolean swapped = i > 1
                        && j > 1
                        && one.charAt(i - 1) == other.charAt(j - 2)
                        && one.charAt(i - 2) == other.charAt(j - 1);
                cost[i][j] = swapped ? Math.min(best, cost[i - 2][j - 2] + 1) : best;
            }
        }
        return cost[one.length()][other.length()];
    }
}
