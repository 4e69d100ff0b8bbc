package app.avrel.desktop.ribbon;

import app.avrel.desktop.parts.Fonts;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;

/** Breaks words into lines. Widths are counted in Latin letters; a Chinese character is as wide as two. */
final class Wrapping {

    private Wrapping() {}

    /** {@return at least one and at most {@code most} lines of about {@code width}; what is cut ends in an ellipsis} */
    static String[] lines(String words, double width, int most) {
        List<String> lines = new ArrayList<>();
        StringBuilder line = new StringBuilder();
        for (String piece : pieces(words)) {
            if (!line.isEmpty() && width(line) + width(piece.stripTrailing()) > width) {
                lines.add(line.toString().stripTrailing());
                line.setLength(0);
            }
            line.append(piece);
        }
        lines.add(line.toString().stripTrailing());
        boolean cut = lines.size() > most;
        List<String> kept = cut ? lines.subList(0, most) : lines;
        return IntStream.range(0, kept.size())
                .mapToObj(i -> fitted(kept.get(i), width, cut && i == kept.size() - 1))
                .toArray(String[]::new);
    }

    /**
     * {@return as many whole words as stand in the lines, none of them cut; small words at the end are left out}
     *
     * <p>A name of which not one word fits is left out: half a word says nothing.
     */
    static String[] brief(String words, double width, int most) {
        List<String> kept = new ArrayList<>(pieces(words));
        while (!kept.isEmpty()) {
            String left = String.join("", kept).stripTrailing();
            String[] lines = lines(left, width, most);
            boolean small = kept.getLast().stripTrailing().matches("(?i)the|a|of|on|over|up|to|in|and");
            boolean whole = String.join(" ", lines).replace("…", "").length() >= left.length();
            if (whole
                    && !(small && kept.size() < pieces(words).size())
                    && List.of(lines).stream().noneMatch(line -> line.endsWith("…"))) {
                return lines;
            }
            kept.removeLast();
        }
        return new String[0];
    }

    /** What may stand at a line's start: a word with the space after it, or a Chinese character. */
    private static List<String> pieces(String words) {
        List<String> pieces = new ArrayList<>();
        StringBuilder word = new StringBuilder();
        words.codePoints().mapToObj(Character::toString).forEach(letter -> {
            boolean alone = Fonts.chinese(letter);
            if (alone && !word.isEmpty()) {
                pieces.add(word.toString());
                word.setLength(0);
            }
            word.append(letter);
            if (alone || letter.equals(" ")) {
                pieces.add(word.toString());
                word.setLength(0);
            }
        });
        pieces.add(word.toString());
        return pieces;
    }

    /** {@return how wide words are, in Latin letters} */
    static double letters(String words) {
        return width(words);
    }

    private static double width(CharSequence text) {
        return text.codePoints()
                .mapToDouble(point -> Fonts.chinese(Character.toString(point)) ? 2 : 1)
                .sum();
    }

    private static String fitted(String line, double width, boolean more) {
        if (!more && width(line) <= Math.max(width, 1)) {
            return line;
        }
        StringBuilder kept = new StringBuilder();
        for (int point : line.codePoints().toArray()) {
            if (width(kept) + 2 > width) {
                break;
            }
            kept.appendCodePoint(point);
        }
        return kept.isEmpty() ? "" : kept + "…";
    }
}
