package app.avrel.posture;

import java.text.Normalizer;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;

/** Finds postures by any of their names, whatever the accents, and with a slip or two. */
public final class NameSearch {

    private NameSearch() {}

    /**
     * {@return whether a posture goes by a name like what is typed}
     *
     * <p>Every typed word must be in a name or be one slip (two, from six letters on) from a word of it.
     */
    public static boolean finds(Posture posture, String typed) {
        String wanted = plain(typed);
        return wanted.isBlank() || names(posture).anyMatch(name -> like(plain(name), wanted));
    }

    private static Stream<String> names(Posture posture) {
        Stream<String> written = posture.names().stream()
                .flatMap(name -> Stream.of(
                        name.written(),
                        name.romanised().orElse(""),
                        name.meaning().orElse("")));
        return Stream.concat(written, posture.sheet().otherNames().stream());
    }

    private static boolean like(String name, String wanted) {
        if (name.isBlank()) {
            return false;
        }
        if (name.contains(wanted) || name.replace(" ", "").contains(wanted.replace(" ", ""))) {
            return true;
        }
        List<String> words = Arrays.asList(name.split(" "));
        return Arrays.stream(wanted.split(" ")).allMatch(part -> words.stream().anyMatch(word -> near(word, part)));
    }

    private static boolean near(String word, String part) {
        if (word.startsWith(part)) {
            return true;
        }
        int slips = part.length() < 3 ? 0 : part.length() < 6 ? 1 : 2;
        return distance(word, part) <= slips;
    }

    /** {@return the text in small letters without accents or marks} */
    public static String plain(String text) {
        return Normalizer.normalize(text.strip(), Normalizer.Form.NFD)
                .replaceAll("\\p{M}+", "")
                .toLowerCase(Locale.ROOT)
                .replaceAll("[^\\p{L}\\p{N}]+", " ")
                .strip();
    }

    /** {@return how many letters must be changed, left out, added or swapped with the next, at least} */
    public static int distance(String one, String other) {
        int[][] cost = new int[one.length() + 1][other.length() + 1];
        for (int i = 0; i <= one.length(); i++) {
            cost[i][0] = i;
        }
        for (int j = 0; j <= other.length(); j++) {
            cost[0][j] = j;
        }
        for (int i = 1; i <= one.length(); i++) {
            for (int j = 1; j <= other.length(); j++) {
                cost[i][j] = cheapest(cost, one, other, i, j);
            }
        }
        return cost[one.length()][other.length()];
    }

    private static int cheapest(int[][] cost, String one, String other, int i, int j) {
        int change = one.charAt(i - 1) == other.charAt(j - 1) ? 0 : 1;
        int best = Math.min(Math.min(cost[i - 1][j] + 1, cost[i][j - 1] + 1), cost[i - 1][j - 1] + change);
        boolean swapped =
                i > 1 && j > 1 && one.charAt(i - 1) == other.charAt(j - 2) && one.charAt(i - 2) == other.charAt(j - 1);
        return swapped ? Math.min(best, cost[i - 2][j - 2] + 1) : best;
    }
}
