package app.avrel.posture.count;

import app.avrel.label.Language;
import java.util.List;
import java.util.Locale;
import java.util.regex.MatchResult;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** The words for left and right, and for the way round, in own words, exchanged for the other side. */
public final class SideWords {

    private static final Pattern ENGLISH =
            Pattern.compile("\\b(left|right|anticlockwise|clockwise)\\b", Pattern.CASE_INSENSITIVE);
    private static final Pattern SPANISH =
            Pattern.compile("\\b(izquierd|derech|antihorari|horari)(as?|os?)\\b", Pattern.CASE_INSENSITIVE);
    private static final Pattern CHINESE = Pattern.compile("([左右]|逆时针|顺时针)");

    private static final List<String> LEFT = List.of("left", "izquierd", "左", "anticlockwise", "antihorari", "逆时针");
    private static final List<String> RIGHT = List.of("right", "derech", "右", "clockwise", "horari", "顺时针");

    private SideWords() {}

    /** {@return the text with every side word exchanged for the other side's, its capital kept} */
    public static String swapped(String text, Language language) {
        Pattern words = switch (language) {
            case ENGLISH -> ENGLISH;
            case SPANISH -> SPANISH;
            case CHINESE -> CHINESE;
        };
        return words.matcher(text).replaceAll(SideWords::swap);
    }

    private static String swap(MatchResult found) {
        String stem = found.group(1);
        int left = LEFT.indexOf(stem.toLowerCase(Locale.ROOT));
        String other = left >= 0 ? RIGHT.get(left) : LEFT.get(RIGHT.indexOf(stem.toLowerCase(Locale.ROOT)));
        String ending = found.groupCount() > 1 ? found.group(2) : "";
        boolean capital = Character.isUpperCase(stem.charAt(0));
        String written = capital ? Character.toUpperCase(other.charAt(0)) + other.substring(1) : other;
        return Matcher.quoteReplacement(written + ending);
    }
}
