package app.avrel.words;

import app.avrel.floor.Bearing;
import app.avrel.floor.Direction;
import app.avrel.floor.Numbers;
import app.avrel.floor.Turn;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** A direction in a field: {@code forward}, {@code back left}, {@code 25 right}, {@code 1:30}; written and read back. */
public final class DirectionText {

    private static final Map<String, Double> OF_BODY = Map.of(
            "forward", 0.0,
            "ahead", 0.0,
            "forward right", 45.0,
            "right", 90.0,
            "back right", 135.0,
            "back", 180.0,
            "back left", -135.0,
            "left", -90.0,
            "forward left", -45.0);
    private static final Pattern ANGLE = Pattern.compile("(\\d+(?:\\.\\d+)?) ?(?:°|degrees)? (left|right)");

    private DirectionText() {}

    public static String say(Direction direction, Wording saying) {
        return switch (direction) {
            case Direction.OfPosture(Bearing bearing) -> saying.heading(bearing);
            case Direction.OfBody(Turn turn) -> ofBody(turn.degrees());
        };
    }

    private static String ofBody(double degrees) {
        return OF_BODY.entrySet().stream()
                .filter(entry -> entry.getValue() == degrees && !entry.getKey().equals("ahead"))
                .map(Map.Entry::getKey)
                .findFirst()
                .orElse(Numbers.plain(Math.abs(degrees)) + "° " + (degrees < 0 ? "left" : "right"));
    }

    /** {@return the direction that a text says, in the body's words or in any of the hall's vocabularies} */
    public static Optional<Direction> parse(String text, Wording saying) {
        String said = text.strip().toLowerCase(Locale.ROOT).replaceFirst("^(to|toward|towards) ", "");
        Double degrees = OF_BODY.get(said);
        if (degrees != null) {
            return Optional.of(new Direction.OfBody(new Turn(degrees)));
        }
        Matcher angle = ANGLE.matcher(said);
        if (angle.matches()) {
            double size = Double.parseDouble(angle.group(1));
            return size >= 180 ? Optional.empty() : Optional.of(ofBody(size, angle.group(2)));
        }
        return saying.directions().parse(said).map(hall -> new Direction.OfPosture(saying.bearing(hall)));
    }

    private static Direction ofBody(double size, String side) {
        return Direction.wrapping(side.equals("left") ? -size : size);
    }
}
