package app.avrel.desktop.parts;

import java.util.Optional;
import java.util.function.DoubleConsumer;

/** Numbers as they are typed: with a point or a comma, within a range. */
public final class Figures {

    private Figures() {}

    /** {@return the number, where it is one within the range} */
    public static Optional<Double> of(String text, double least, double most) {
        try {
            double value = Double.parseDouble(text.strip().replace(',', '.'));
            return value >= least && value <= most ? Optional.of(value) : Optional.empty();
        } catch (NumberFormatException notOne) {
            return Optional.empty();
        }
    }

    /** {@return the whole number, where it is one within the range} */
    public static Optional<Integer> whole(String text, int least, int most) {
        return of(text, least, most).filter(value -> value == Math.rint(value)).map(Double::intValue);
    }

    /** Takes a number. {@return whether it was one within the range} */
    public static boolean taken(String text, double least, double most, DoubleConsumer take) {
        Optional<Double> value = of(text, least, most);
        value.ifPresent(take::accept);
        return value.isPresent();
    }
}
