package app.avrel.words;

import app.avrel.body.Side;
import app.avrel.floor.Numbers;
import app.avrel.posture.hand.Reach;
import app.avrel.posture.hand.Sideways;
import app.avrel.posture.move.Gaze;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Sideways place, reach and gaze in fields: {@code own side}, {@code 70 %}, {@code left hand}. */
public final class HandText {

    private static final Map<String, Double> ACROSS =
            Map.of("own side", 1.0, "centre line", 0.0, "across", -0.9, "beyond the shoulder", 1.5);
    private static final Map<String, Integer> REACH = Map.of("close", 30, "rounded", 60, "extended", 90);
    private static final Pattern HALVES = Pattern.compile("(-?\\d(?:\\.\\d+)?) halves");
    private static final Pattern PERCENT = Pattern.compile("(\\d{1,3}) ?%?");

    private HandText() {}

    public static String say(Sideways sideways, Wording saying) {
        return switch (sideways) {
            case Sideways.Toward(var direction) -> "toward " + DirectionText.say(direction, saying);
            case Sideways.Across(double halves) -> key(ACROSS, halves).orElse(Numbers.plain(halves) + " halves");
        };
    }

    public static Optional<Sideways> sideways(String text, Wording saying) {
        String said = text.strip().toLowerCase(Locale.ROOT);
        if (ACROSS.containsKey(said)) {
            return Optional.of(new Sideways.Across(ACROSS.get(said)));
        }
        Matcher halves = HALVES.matcher(said);
        if (halves.matches()) {
            double amount = Double.parseDouble(halves.group(1));
            return amount >= -2 && amount <= 3 ? Optional.of(new Sideways.Across(amount)) : Optional.empty();
        }
        return DirectionText.parse(said, saying).map(Sideways.Toward::new);
    }

    public static String say(Reach reach) {
        return key(REACH, reach.percent()).orElse(reach.percent() + " %");
    }

    public static Optional<Reach> reach(String text) {
        String said = text.strip().toLowerCase(Locale.ROOT);
        if (REACH.containsKey(said)) {
            return Optional.of(new Reach(REACH.get(said)));
        }
        Matcher percent = PERCENT.matcher(said);
        return percent.matches() && Integer.parseInt(percent.group(1)) <= 100
                ? Optional.of(new Reach(Integer.parseInt(percent.group(1))))
                : Optional.empty();
    }

    public static String say(Gaze gaze, Wording saying) {
        return switch (gaze) {
            case Gaze.Ahead _ -> "ahead, wide";
            case Gaze.AtHand(Side hand, var aim) ->
                (aim == Gaze.AtHand.Aim.PAST ? "past the " : "") + hand.word() + " hand";
            case Gaze.Toward(var direction) -> "toward " + DirectionText.say(direction, saying);
        };
    }

    public static Optional<Gaze> gaze(String text, Wording saying) {
        String said = text.strip().toLowerCase(Locale.ROOT);
        return switch (said) {
            case "ahead, wide", "ahead" -> Optional.of(Gaze.AHEAD);
            case "past the left hand" -> Optional.of(new Gaze.AtHand(Side.LEFT, Gaze.AtHand.Aim.PAST));
            case "past the right hand" -> Optional.of(new Gaze.AtHand(Side.RIGHT, Gaze.AtHand.Aim.PAST));
            case "left hand" -> Optional.of(new Gaze.AtHand(Side.LEFT, Gaze.AtHand.Aim.AT));
            case "right hand" -> Optional.of(new Gaze.AtHand(Side.RIGHT, Gaze.AtHand.Aim.AT));
            default -> DirectionText.parse(said, saying).map(Gaze.Toward::new);
        };
    }

    private static <T> Optional<String> key(Map<String, T> words, T value) {
        return words.entrySet().stream()
                .filter(entry -> entry.getValue().equals(value))
                .map(Map.Entry::getKey)
                .findFirst();
    }
}
