package app.avrel.desktop.ribbon;

import java.util.ArrayList;
import java.util.List;

/** Breaks words into lines. */
final class Wrapping {

    private Wrapping() {}

    /** {@return at most {@code most} lines of about {@code width} letters; what is cut ends in an ellipsis} */
    static String[] lines(String words, int width, int most) {
        List<String> lines = new ArrayList<>();
        StringBuilder line = new StringBuilder();
        for (String word : words.split(" ")) {
            if (!line.isEmpty() && line.length() + 1 + word.length() > width) {
                lines.add(line.toString());
                line.setLength(0);
            }
            line.append(line.isEmpty() ? "" : " ").append(word);
        }
        lines.add(line.toString());
        if (lines.size() > most) {
            String last = lines.get(most - 1);
            lines = new ArrayList<>(lines.subList(0, most));
            lines.set(most - 1, last.substring(0, Math.max(1, Math.min(last.length(), width - 1))) + "…");
        }
        return lines.toArray(String[]::new);
    }
}
