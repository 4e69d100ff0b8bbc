package app.avrel.project.notes;

import app.avrel.words.lexicon.Numbering;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A line of notes as it stands on the page.
 *
 * @param number counted from 1
 * @param text without the space around it
 * @param kind what it seems to be by how it is set
 * @param bare what it says, without the marks of a heading or the number it has in a list
 * @param set whether it is set in
 * @param listed whether it has a number or a point of its own
 */
record NotesRow(int number, String text, Kind kind, String bare, boolean set, boolean listed) {

    /** What a line seems to be. */
    enum Kind {
        HEADING,
        /** A heading, unless it tells of a move. */
        PERHAPS_HEADING,
        LINE
    }

    private static final Pattern HASH = Pattern.compile("#+\\s*(.+)");
    private static final Pattern BOLD = Pattern.compile("(\\*\\*|__)(.+?)\\1\\s*[:：]?");
    /** A line of nothing but dashes only parts what is above it from what is below. */
    private static final Pattern RULE = Pattern.compile("[-=_*~—–\\s]{3,}");

    /** {@return the lines of some notes that say anything} */
    static List<NotesRow> of(String notes) {
        List<String> lines = List.of(notes.split("\\R", -1));
        boolean hashes =
                lines.stream().anyMatch(line -> HASH.matcher(line.strip()).matches());
        List<NotesRow> rows = new ArrayList<>();
        for (int i = 0; i < lines.size(); i++) {
            String text = lines.get(i).strip();
            if (!blank(lines, i)) {
                Kind kind = kind(lines, i, hashes);
                String number = kind == Kind.LINE ? Numbering.of(text) : "";
                String bare =
                        kind == Kind.LINE ? text.substring(number.length()).strip() : name(text);
                rows.add(new NotesRow(i + 1, text, kind, bare, indent(lines, i) > 0, !number.isEmpty()));
            }
        }
        return List.copyOf(rows);
    }

    private static Kind kind(List<String> lines, int at, boolean hashes) {
        String text = lines.get(at).strip();
        boolean marked = HASH.matcher(text).matches() || BOLD.matcher(text).matches();
        if (marked || !hashes && underlined(lines, at)) {
            return Kind.HEADING;
        }
        if (hashes) {
            return Kind.LINE;
        }
        boolean colon = text.endsWith(":") || text.endsWith("：");
        return colon || begins(lines, at) && over(lines, at) ? Kind.PERHAPS_HEADING : Kind.LINE;
    }

    private static boolean underlined(List<String> lines, int at) {
        return at + 1 < lines.size()
                && RULE.matcher(lines.get(at + 1)).matches()
                && !lines.get(at + 1).isBlank();
    }

    private static boolean blank(List<String> lines, int at) {
        return at >= lines.size()
                || lines.get(at).isBlank()
                || RULE.matcher(lines.get(at)).matches();
    }

    private static boolean begins(List<String> lines, int at) {
        return at == 0 || blank(lines, at - 1);
    }

    /**
     * Whether what is below is numbered in another manner, or set in, or neither is numbered and the heading stands right over
     * it, or apart over several lines.
     */
    private static boolean over(List<String> lines, int at) {
        int next = at + 1;
        while (next < lines.size() && blank(lines, next)) {
            next++;
        }
        if (next == lines.size()) {
            return false;
        }
        String here = manner(lines.get(at));
        boolean close = next == at + 1 || !blank(lines, next + 1) || underlined(lines, next);
        return indent(lines, next) > indent(lines, at)
                || !here.equals(manner(lines.get(next)))
                || here.isEmpty() && close;
    }

    /** How a line is numbered, whatever its number. */
    private static String manner(String line) {
        return Numbering.of(line.strip())
                .strip()
                .replaceAll("\\d+", "1")
                .replaceAll("\\p{IsHan}+", "一")
                .replaceAll("\\p{Alpha}", "a");
    }

    private static int indent(List<String> lines, int at) {
        String line = lines.get(at);
        return line.length() - line.stripLeading().length();
    }

    /** The words of a heading, without its marks and its number. */
    private static String name(String text) {
        Matcher hash = HASH.matcher(text);
        String words = hash.matches() ? hash.group(1).strip() : text;
        Matcher bold = BOLD.matcher(words);
        words = bold.matches() ? bold.group(2).strip() : words;
        words = words.substring(Numbering.of(words).length()).strip();
        return words.endsWith(":") || words.endsWith("：")
                ? words.substring(0, words.length() - 1).strip()
                : words;
    }
}
