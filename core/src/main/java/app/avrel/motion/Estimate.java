package app.avrel.motion;

import java.util.function.UnaryOperator;

/**
 * A value, and what it rests on.
 *
 * @param basis where it comes from
 */
public record Estimate<T>(T value, Basis basis) {

    /** What a value rests on, the firmest first. */
    public enum Basis {
        /** The record says it. */
        SAID,
        /** It follows from what is said. */
        DERIVED,
        /** The house's usual, as nothing is said: drawn pale, judged mildly, never a claim. */
        ASSUMED,
        /** Nobody knows: it may be drawn, never judged. */
        OPEN;

        /** {@return the weaker of the two: what follows from both rests on it} */
        public Basis with(Basis other) {
            return compareTo(other) >= 0 ? this : other;
        }
    }

    public static <T> Estimate<T> known(T value) {
        return new Estimate<>(value, Basis.SAID);
    }

    /** {@return a value that nobody knows, drawn so} */
    public static <T> Estimate<T> unknown(T drawnAs) {
        return new Estimate<>(drawnAs, Basis.OPEN);
    }

    /** {@return the house's usual} */
    public static <T> Estimate<T> assumed(T usual) {
        return new Estimate<>(usual, Basis.ASSUMED);
    }

    /** {@return the same certainty about another value} */
    public Estimate<T> map(UnaryOperator<T> change) {
        return new Estimate<>(change.apply(value), basis);
    }

    /** {@return whether it may be judged: it is said, follows from what is said, or is the house's usual} */
    public boolean known() {
        return basis != Basis.OPEN;
    }

    /** {@return whether it is only the house's usual} */
    public boolean assumed() {
        return basis == Basis.ASSUMED;
    }
}
