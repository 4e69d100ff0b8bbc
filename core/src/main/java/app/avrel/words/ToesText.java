package app.avrel.words;

import app.avrel.floor.Numbers;
import app.avrel.posture.move.Toes;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Toes in a field: {@code out 45} turns them from where they are, {@code 45 out} is against the hips, {@code out as far
 * as they go}, or a direction.
 */
public final class ToesText {

    private static final Pattern TURNED = Pattern.compile("(in|out) (\\d+(?:\\.\\d+)?)°?");
    private static final Pattern AGAINST = Pattern.compile("(\\d+(?:\\.\\d+)?)°? (in|out)");

    private ToesText() {}

    public static String say(Toes toes, Wording saying) {
        return switch (toes) {
            case Toes.Turned(double out) -> inOrOut(out) + " " + Numbers.plain(Math.abs(out)) + "°";
            case Toes.TurnedSome(var way) -> way.name().toLowerCase(Locale.ROOT) + " somehow";
            case Toes.AgainstPelvis(double out) -> Numbers.plain(Math.abs(out)) + "° " + inOrOut(out);
            case Toes.Toward(var direction) -> DirectionText.say(direction, saying);
            case Toes.OutAsFarAsTheyGo _ -> "out as far as they go";
            case Toes.InAsFarAsTheyGo _ -> "in as far as they go";
        };
    }

    private static String inOrOut(double out) {
        return out < 0 ? "in" : "out";
    }

    public static Optional<Toes> parse(String text, Wording saying) {
        String said = text.strip().toLowerCase(Locale.ROOT).replaceFirst("^toes ", "");
        if (said.matches("(out|in) as far as (they go|it goes)")) {
            return Optional.of(said.startsWith("out") ? new Toes.OutAsFarAsTheyGo() : new Toes.InAsFarAsTheyGo());
        }
        if (said.matches("(out|in) somehow")) {
            return Optional.of(
                    new Toes.TurnedSome(said.startsWith("out") ? Toes.TurnedSome.Way.OUT : Toes.TurnedSome.Way.IN));
        }
        Matcher turned = TURNED.matcher(said);
        if (turned.matches()) {
            return degrees(turned.group(2), turned.group(1)).map(Toes.Turned::new);
        }
        Matcher against = AGAINST.matcher(said);
        if (against.matches()) {
            return degrees(against.group(1), against.group(2)).map(Toes.AgainstPelvis::new);
        }
        return DirectionText.parse(said, saying).map(Toes.Toward::new);
    }

    private static Optional<Double> degrees(String size, String way) {
        double degrees = Double.parseDouble(size);
        return degrees > 180 ? Optional.empty() : Optional.of(way.equals("in") ? -degrees : degrees);
    }
}
