package app.avrel.files.script;

import app.avrel.cue.hear.ScriptLine;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Reads what was said: WebVTT, SRT, or plain text, a line or a paragraph at a time. */
public final class ScriptIn {

    private static final Pattern SPAN = Pattern.compile("(\\S+)\\s+-->\\s+(\\S+).*");
    private static final Pattern MARKUP = Pattern.compile("<[^>]*>|\\{\\\\[^}]*}");

    private ScriptIn() {}

    /** {@return the lines of a script, with their times where it has them} */
    public static List<ScriptLine> read(String text) {
        List<String> lines =
                text.replace("\uFEFF", "").lines().map(String::strip).toList();
        boolean captions = lines.stream().anyMatch(line -> SPAN.matcher(line).matches());
        return captions ? captions(lines) : plain(lines);
    }

    private static List<ScriptLine> plain(List<String> lines) {
        return lines.stream()
                .filter(line -> !line.isEmpty())
                .map(line -> new ScriptLine(line, OptionalDouble.empty()))
                .toList();
    }

    /** Only what stands under a time is said: heads, notes, styles and numbers are not. */
    private static List<ScriptLine> captions(List<String> lines) {
        List<ScriptLine> said = new ArrayList<>();
        OptionalDouble at = OptionalDouble.empty();
        boolean inside = false;
        for (String line : lines) {
            Matcher span = SPAN.matcher(line);
            if (span.matches()) {
                at = Clock.parse(span.group(1));
                inside = true;
            } else if (line.isEmpty()) {
                inside = false;
            } else if (inside) {
                String words = MARKUP.matcher(line).replaceAll("").strip();
                if (!words.isEmpty()) {
                    said.add(new ScriptLine(words, at));
                }
            }
        }
        return said;
    }
}
