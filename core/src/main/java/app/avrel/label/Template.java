package app.avrel.label;

import java.util.regex.MatchResult;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Words with places for values: {@code {0}} for the first, {@code {0|posture|postures}} for one word where it is 1 and
 * another otherwise, {@code {0.f}} for a Spanish word in its feminine.
 */
final class Template {

    private static final Pattern PLACE = Pattern.compile("\\{(\\d)(?:(\\.f)|\\|([^|}]*)\\|([^|}]*))?}");

    private Template() {}

    /** {@return the words with the values in their places; a place without a value stays as it is} */
    static String filled(String template, Object... values) {
        return template.indexOf('{') < 0
                ? template
                : PLACE.matcher(template).replaceAll(place -> Matcher.quoteReplacement(value(place, values)));
    }

    private static String value(MatchResult place, Object... values) {
        int at = Integer.parseInt(place.group(1));
        if (at >= values.length) {
            return place.group();
        }
        String value = String.valueOf(values[at]);
        if (place.group(2) != null) {
            return value.endsWith("o") ? value.substring(0, value.length() - 1) + "a" : value;
        }
        if (place.group(3) == null) {
            return value;
        }
        return value.equals("1") ? place.group(3) : place.group(4);
    }
}
