package app.avrel.label;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Words with places for values: {@code {0}} for the first, {@code {0|posture|postures}} for one word where it is 1 and
 * another otherwise, {@code {0.f}} for a Spanish word in its feminine.
 *
 * <p>Each is taken apart once: a survey fills thousands.
 */
final class Template {

    private static final Pattern PLACE = Pattern.compile("\\{(\\d)(?:(\\.f)|\\|([^|}]*)\\|([^|}]*))?}");
    private static final Map<String, List<Piece>> APART = new ConcurrentHashMap<>();

    /** What stands between two ends of places. */
    private sealed interface Piece {

        record Words(String words) implements Piece {}

        record Value(String written, int at) implements Piece {}

        record Feminine(String written, int at) implements Piece {}

        record OneOrMany(String written, int at, String one, String many) implements Piece {}
    }

    private Template() {}

    /** {@return the words with the values in their places; a place without a value stays as it is} */
    static String filled(String template, Object... values) {
        if (template.indexOf('{') < 0) {
            return template;
        }
        StringBuilder filled = new StringBuilder(template.length() + 16);
        for (Piece piece : APART.computeIfAbsent(template, Template::apart)) {
            filled.append(
                    switch (piece) {
                        case Piece.Words(String words) -> words;
                        case Piece.Value(String written, int at) -> value(written, at, values);
                        case Piece.Feminine(String written, int at) -> feminine(value(written, at, values));
                        case Piece.OneOrMany(String written, int at, String one, String many) ->
                            at >= values.length
                                    ? written
                                    : String.valueOf(values[at]).equals("1") ? one : many;
                    });
        }
        return filled.toString();
    }

    private static String value(String written, int at, Object... values) {
        return at < values.length ? String.valueOf(values[at]) : written;
    }

    private static String feminine(String value) {
        return value.endsWith("o") ? value.substring(0, value.length() - 1) + "a" : value;
    }

    private static List<Piece> apart(String template) {
        List<Piece> pieces = new ArrayList<>();
        Matcher place = PLACE.matcher(template);
        int from = 0;
        while (place.find()) {
            if (place.start() > from) {
                pieces.add(new Piece.Words(template.substring(from, place.start())));
            }
            pieces.add(piece(place));
            from = place.end();
        }
        if (from < template.length()) {
            pieces.add(new Piece.Words(template.substring(from)));
        }
        return List.copyOf(pieces);
    }

    private static Piece piece(Matcher place) {
        int at = Integer.parseInt(place.group(1));
        if (place.group(2) != null) {
            return new Piece.Feminine(place.group(), at);
        }
        return place.group(3) == null
                ? new Piece.Value(place.group(), at)
                : new Piece.OneOrMany(place.group(), at, place.group(3), place.group(4));
    }
}
