package app.avrel.words;

import app.avrel.body.Side;
import app.avrel.body.WeightShare;
import app.avrel.posture.move.Split;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A weight split in a field: {@code 70 left}, {@code all right}, {@code even}, {@code 50 to 70 left}, {@code house
 * front-loaded left}, {@code unknown}.
 */
public final class SplitText {

    private static final Pattern EXACT = Pattern.compile("(\\d{1,3}) ?%? (left|right)");
    private static final Pattern RANGE = Pattern.compile("(\\d{1,3}) (?:to|-) (\\d{1,3}) ?%? (left|right)");
    private static final Pattern ALL = Pattern.compile("all (?:on )?(?:the )?(left|right)");
    private static final Pattern MORE = Pattern.compile("more (?:on )?(?:the )?(left|right)");
    private static final Pattern HOUSE = Pattern.compile("house (front-loaded|light foot),? (left|right)");

    private SplitText() {}

    public static String say(Split split) {
        return switch (split) {
            case Split.Said(WeightShare share) -> say(share);
            case Split.AsHouse(var loading, Side heavier) -> "house " + loading.word() + " " + heavier.word();
        };
    }

    /** {@return a share as written in a field} */
    public static String say(WeightShare share) {
        Side heavier = share.heavier();
        if (!share.exact()) {
            return share.equals(WeightShare.UNKNOWN)
                    ? "unknown"
                    : share.least(heavier) + " to " + share.most(heavier) + " " + heavier.word();
        }
        int percent = share.least(heavier);
        return switch (percent) {
            case 50 -> "even";
            case 100 -> "all " + heavier.word();
            default -> percent + " " + heavier.word();
        };
    }

    public static Optional<Split> parse(String text) {
        String said = text.strip().toLowerCase(Locale.ROOT);
        Matcher house = HOUSE.matcher(said);
        if (house.matches()) {
            Split.Loading loading = house.group(1).equals(Split.Loading.FRONT_LOADED.word())
                    ? Split.Loading.FRONT_LOADED
                    : Split.Loading.LIGHT_FOOT;
            return Optional.of(new Split.AsHouse(loading, side(house.group(2))));
        }
        return share(said).map(Split.Said::new);
    }

    /** {@return the share that a text writes; empty where it writes none or is over 100} */
    public static Optional<WeightShare> share(String text) {
        String said = text.strip().toLowerCase(Locale.ROOT);
        if (said.equals("even") || said.equals("unknown")) {
            return Optional.of(said.equals("even") ? WeightShare.EVEN : WeightShare.UNKNOWN);
        }
        Matcher all = ALL.matcher(said);
        if (all.matches()) {
            return Optional.of(WeightShare.on(side(all.group(1)), 100));
        }
        Matcher more = MORE.matcher(said);
        if (more.matches()) {
            return Optional.of(WeightShare.on(side(more.group(1)), 51, 100));
        }
        Matcher exact = EXACT.matcher(said);
        if (exact.matches()) {
            return between(exact.group(1), exact.group(1), exact.group(2));
        }
        Matcher range = RANGE.matcher(said);
        return range.matches() ? between(range.group(1), range.group(2), range.group(3)) : Optional.empty();
    }

    private static Optional<WeightShare> between(String least, String most, String side) {
        int from = Integer.parseInt(least);
        int to = Integer.parseInt(most);
        return from <= to && to <= 100 ? Optional.of(WeightShare.on(side(side), from, to)) : Optional.empty();
    }

    private static Side side(String word) {
        return word.equals("left") ? Side.LEFT : Side.RIGHT;
    }
}
