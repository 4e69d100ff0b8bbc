package app.avrel.body;

import app.avrel.floor.Numbers;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A length in the unit it was given in, to the hundredth; what it is in metres depends on the body.
 *
 * @param amount finite, -1000 to 1000; negative where the place that uses it says what that means
 * @param unit what is counted
 */
public record Length(double amount, LengthUnit unit) {

    private static final Pattern WRITTEN = Pattern.compile("(-?\\d+(?:[.,]\\d+)?(?:e-?\\d+)?) *([a-z -]+)");

    public Length {
        if (!(amount >= -1000 && amount <= 1000)) {
            throw new IllegalArgumentException(
                    "length must be -1000 to 1000 " + unit.many() + ", but was " + Numbers.plain(amount));
        }
        amount = Numbers.hundredths(amount);
    }

    public static Length centimetres(double amount) {
        return new Length(amount, LengthUnit.CENTIMETRE);
    }

    public static Length footLengths(double amount) {
        return new Length(amount, LengthUnit.FOOT_LENGTH);
    }

    public static Length shoulderWidths(double amount) {
        return new Length(amount, LengthUnit.SHOULDER_WIDTH);
    }

    public static Length fists(double amount) {
        return new Length(amount, LengthUnit.FIST);
    }

    /** {@return a length of any finite amount, taken to the nearest that can be} */
    public static Length limited(double amount, LengthUnit unit) {
        return new Length(Math.clamp(amount, -1000, 1000), unit);
    }

    public Length negated() {
        return new Length(-amount, unit);
    }

    /** {@return the length that {@code text} writes, as {@link #toString} does, or nothing} */
    public static Optional<Length> parse(String text) {
        Matcher matcher = WRITTEN.matcher(text.strip().toLowerCase(Locale.ROOT));
        if (!matcher.matches()) {
            return Optional.empty();
        }
        double amount = Double.parseDouble(matcher.group(1).replace(',', '.'));
        return Math.abs(amount) > 1000
                ? Optional.empty()
                : unit(matcher.group(2).strip()).map(unit -> new Length(amount, unit));
    }

    private static Optional<LengthUnit> unit(String word) {
        for (LengthUnit unit : LengthUnit.values()) {
            if (word.equals(unit.one()) || word.equals(unit.many())) {
                return Optional.of(unit);
            }
        }
        return switch (word) {
            case "feet", "foot", "foot lengths", "foot length" -> Optional.of(LengthUnit.FOOT_LENGTH);
            case "shoulders", "shoulder" -> Optional.of(LengthUnit.SHOULDER_WIDTH);
            case "in", "inches" -> Optional.of(LengthUnit.INCH);
            case "centimetre", "centimetres" -> Optional.of(LengthUnit.CENTIMETRE);
            case "span", "spans" -> Optional.of(LengthUnit.HAND_SPAN);
            default -> Optional.empty();
        };
    }

    /** {@return the length as people write it, such as {@code 1.5 foot-lengths}; read back by {@link #parse}} */
    @Override
    public String toString() {
        return Numbers.plain(amount) + " " + (Math.abs(amount) == 1 ? unit.one() : unit.many());
    }
}
