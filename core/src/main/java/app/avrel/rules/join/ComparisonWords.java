package app.avrel.rules.join;

import app.avrel.form.Comparison;
import app.avrel.form.Difference;
import app.avrel.posture.move.Move;
import app.avrel.rules.Measures;
import app.avrel.words.CountWords;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;

/** Says what differs between two doings of a posture: "as number 3, but at count 1 also …". */
public record ComparisonWords(CountWords words) {

    private static final int MOST = 4;

    /** {@return a sentence} */
    public String sentence(String first, Comparison comparison) {
        if (comparison.alike()) {
            return "As " + first + ".";
        }
        String said = comparison.differences().stream()
                .limit(MOST)
                .map(this::difference)
                .collect(Collectors.joining("; "));
        int more = comparison.differences().size() - MOST;
        return "As " + first + ", but " + said + (more > 0 ? "; and " + more + " more" : "") + ".";
    }

    /** {@return every difference, a line each} */
    public List<String> lines(Comparison comparison) {
        return comparison.differences().stream()
                .map(this::difference)
                .map(Measures::capital)
                .map(line -> line + ".")
                .toList();
    }

    private String difference(Difference difference) {
        return switch (difference) {
            case Difference.Added(Move move, int count) -> "at count " + (count + 1) + " also " + said(move);
            case Difference.Dropped(Move move, int _) -> "without " + said(move);
            case Difference.Changed(Move from, Move to, int count) ->
                "at count " + (count + 1) + " " + said(to) + " instead of " + said(from);
        };
    }

    private String said(Move move) {
        String sentence = words.sentence(move);
        String bare = sentence.endsWith(".") ? sentence.substring(0, sentence.length() - 1) : sentence;
        return "\"" + bare.substring(0, 1).toLowerCase(Locale.ROOT) + bare.substring(1) + "\"";
    }
}
