package app.avrel.motion;

import java.util.function.UnaryOperator;

/**
 * A value, and whether the record gives it or it is only drawn so.
 *
 * @param known false where the record leaves it open: then it may be drawn, never judged
 */
public record Estimate<T>(T value, boolean known) {

    public static <T> Estimate<T> known(T value) {
        return new Estimate<>(value, true);
    }

    public static <T> Estimate<T> unknown(T drawnAs) {
        return new Estimate<>(drawnAs, false);
    }

    /** {@return the same certainty about another value} */
    public Estimate<T> map(UnaryOperator<T> change) {
        return new Estimate<>(change.apply(value), known);
    }
}
