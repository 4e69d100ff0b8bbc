package app.avrel.words;

import app.avrel.body.Side;
import app.avrel.floor.Bearing;
import app.avrel.floor.Numbers;
import app.avrel.floor.Turn;
import app.avrel.floor.Way;
import app.avrel.posture.move.Turning;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** A turn of the body in a field: {@code 45 right}, {@code to 1:30}, {@code to 6 going left}. */
public final class TurningText {

    private static final Pattern BY = Pattern.compile("(\\d+(?:\\.\\d+)?)°? ?(?:degrees )?(?:to the )?(left|right)");
    private static final Pattern TO = Pattern.compile("(?:to )?(?:face )?(.+?)(?: going (left|right))?");

    private static final Pattern BETWEEN = Pattern.compile("(\\d+(?:\\.\\d+)?)°? to (\\d+(?:\\.\\d+)?)°? (left|right)");

    private TurningText() {}

    public static String say(Turning turning, Wording saying) {
        return switch (turning) {
            case Turning.By(Turn turn) -> Numbers.plain(turn.size()) + "° " + (turn.degrees() < 0 ? "left" : "right");
            case Turning.Between(Turn least, Turn most) ->
                Numbers.plain(least.size()) + " to " + Numbers.plain(most.size()) + "° "
                        + (least.degrees() + most.degrees() < 0 ? "left" : "right");
            case Turning.Some(Side to) -> to.word() + " somehow";
            case Turning.To(Bearing to, Way way) ->
                "to " + saying.heading(to)
                        + (way == Way.SHORTER ? "" : " going " + way.name().toLowerCase(Locale.ROOT));
        };
    }

    public static Optional<Turning> parse(String text, Wording saying) {
        String said = text.strip().toLowerCase(Locale.ROOT);
        if (said.matches("(left|right) somehow")) {
            return Optional.of(new Turning.Some(said.startsWith("left") ? Side.LEFT : Side.RIGHT));
        }
        Matcher between = BETWEEN.matcher(said);
        if (between.matches()) {
            int sign = between.group(3).equals("left") ? -1 : 1;
            return Optional.of(new Turning.Between(
                    new Turn(sign * Double.parseDouble(between.group(1))),
                    new Turn(sign * Double.parseDouble(between.group(2)))));
        }
        Matcher by = BY.matcher(said);
        if (by.matches()) {
            double size = Double.parseDouble(by.group(1));
            return Optional.of(new Turning.By(new Turn(by.group(2).equals("left") ? -size : size)));
        }
        Matcher to = TO.matcher(said);
        if (!to.matches()) {
            return Optional.empty();
        }
        Way way = to.group(2) == null ? Way.SHORTER : Way.valueOf(to.group(2).toUpperCase(Locale.ROOT));
        return saying.directions().parse(to.group(1)).map(hall -> new Turning.To(saying.bearing(hall), way));
    }
}
