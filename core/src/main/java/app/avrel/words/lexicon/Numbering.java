package app.avrel.words.lexicon;

import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** The number, the letter or the point that a line has in a list, and that says nothing of what is done. */
public final class Numbering {

    private static final String NUMERAL = "[一二三四五六七八九十]";

    /** 1. and 2) and (3) and 三、 and ④ and a bullet. */
    private static final String NUMBER = "\\(?\\d{1,2}[.)]\\s+|\\(?\\d{1,2}[.)](?=\\p{IsHan})|\\d{1,2}、(?!\\d)"
            + "|[①-⑳]\\s*|" + NUMERAL + "{1,3}、(?!" + NUMERAL + "|[两\\d])|[*•·]\\s+";

    private static final Pattern TYPED = Pattern.compile("\\s*(?:" + NUMBER + ")");

    /** In notes a line may also begin with a dash, a letter, or a number before a dash or a colon. */
    private static final Pattern NOTED = Pattern.compile(
            "(?:" + NUMBER + "|[(（]?\\d{1,3}[.)）．:：]\\s*|\\d{1,3}\\s+[-–—]\\s+|\\p{Alpha}[.)]\\s+|[-*•–]\\s*)");

    private Numbering() {}

    /** {@return where a typed line, in plain letters, goes on after its number, or its numbers; {@code from} where it has none} */
    static int end(String plain, int from) {
        Matcher number = TYPED.matcher(plain);
        int end = from;
        while (number.region(end, plain.length()).lookingAt()) {
            end = number.end();
        }
        return end;
    }

    /** {@return whether it is a point, and counts nothing} */
    static boolean point(String numbering) {
        return "*•·".indexOf(numbering.strip().charAt(0)) >= 0;
    }

    /** {@return the number or the point that a line of notes begins with; empty where it has none} */
    public static String of(String noted) {
        Matcher number = NOTED.matcher(noted);
        return number.lookingAt() ? number.group() : "";
    }
}
