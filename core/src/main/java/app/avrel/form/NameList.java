package app.avrel.form;

import app.avrel.body.Side;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A list of posture names as people keep it: one a line, or name, side and times parted by commas.
 *
 * <p>Numbers before the name are left out. Sides are {@code left}, {@code right}, {@code L}, {@code R}, in brackets,
 * after a dash or a comma; times are {@code x3}, {@code 3x}, {@code three times}; {@code right, left} is once each. A
 * line that ends in a colon, or begins with a number sign, names a part.
 *
 * @param lines in order
 */
public record NameList(List<Line> lines) {

    /** A line of the list. */
    public sealed interface Line {}

    /** The name of a part. */
    public record Heading(String name) implements Line {}

    /**
     * A posture.
     *
     * @param side empty where none is said
     * @param times at least 1, at most 99
     */
    public record Named(String name, Optional<Side> side, int times) implements Line {}

    private static final Pattern NUMBER =
            Pattern.compile("^\\s*\\(?\\d{1,3}\\s*[.):–-]\\s*|^\\s*\\d{1,3}\\s+(?=\\p{L})|^\\s*[-*•]\\s*");
    private static final Pattern TIMES = Pattern.compile(
            "(?i)[\\s,;(\\[–-]+(?:[x×]\\s?(\\d{1,2})|(\\d{1,2})\\s?[x×]|(\\d{1,2}|twice|two|three|four|five|six)(?:\\s?times)?)[)\\]]?\\s*$");
    private static final Pattern SIDES =
            Pattern.compile("(?i)[\\s,;(\\[–/+&-]+(left|right|l|r|both sides|both)(?:\\s+side)?[.)\\]]*\\s*$");

    public NameList {
        lines = List.copyOf(lines);
    }

    /** {@return the list that a text holds; empty lines are passed over} */
    public static NameList parse(String text) {
        List<Line> lines = new ArrayList<>();
        text.lines().map(String::strip).filter(line -> !line.isEmpty()).forEach(line -> read(line, lines));
        return new NameList(lines);
    }

    private static void read(String raw, List<Line> into) {
        String line = raw.replace("\"", "").strip();
        if (line.startsWith("#") || line.endsWith(":")) {
            into.add(new Heading(line.replaceAll("^#+\\s*|:$", "").strip()));
            return;
        }
        if (line.toLowerCase(Locale.ROOT).matches("name\\s*[,;].*|name")) {
            return;
        }
        String rest = NUMBER.matcher(line).replaceFirst("");
        int times = 1;
        Matcher repeat = TIMES.matcher(rest);
        if (repeat.find() && repeat.start() > 0) {
            times = times(repeat);
            rest = rest.substring(0, repeat.start());
        }
        List<Side> sides = new ArrayList<>();
        Matcher side = SIDES.matcher(rest);
        while (side.find() && side.start() > 0) {
            sides.addAll(0, sides(side.group(1)));
            rest = rest.substring(0, side.start());
            side = SIDES.matcher(rest);
        }
        add(rest.replaceAll("[\\s,;:–(\\[-]+$", "").strip(), sides, times, into);
    }

    private static int times(Matcher repeat) {
        for (int group = 1; group <= 3; group++) {
            String said = repeat.group(group);
            if (said != null) {
                return switch (said.toLowerCase(Locale.ROOT)) {
                    case "twice", "two" -> 2;
                    case "three" -> 3;
                    case "four" -> 4;
                    case "five" -> 5;
                    case "six" -> 6;
                    default -> Math.max(1, Integer.parseInt(said));
                };
            }
        }
        return 1;
    }

    private static List<Side> sides(String said) {
        return switch (said.toLowerCase(Locale.ROOT)) {
            case "left", "l" -> List.of(Side.LEFT);
            case "right", "r" -> List.of(Side.RIGHT);
            default -> List.of(Side.RIGHT, Side.LEFT);
        };
    }

    private static void add(String name, List<Side> sides, int times, List<Line> into) {
        if (name.isEmpty()) {
            return;
        }
        if (sides.isEmpty()) {
            into.add(new Named(name, Optional.empty(), times));
        }
        for (Side side : sides) {
            boolean again = !into.isEmpty()
                    && into.getLast() instanceof Named(String before, Optional<Side> on, int so)
                    && before.equals(name)
                    && on.equals(Optional.of(side))
                    && so + times <= 99;
            if (again) {
                Named last = (Named) into.removeLast();
                into.add(new Named(name, last.side(), last.times() + times));
            } else {
                into.add(new Named(name, Optional.of(side), times));
            }
        }
    }

    /** {@return the postures of the list, each time it is named} */
    public List<Named> postures() {
        return lines.stream()
                .filter(Named.class::isInstance)
                .map(Named.class::cast)
                .toList();
    }
}
