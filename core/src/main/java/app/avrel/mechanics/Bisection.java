package app.avrel.mechanics;

import java.util.function.DoublePredicate;

/** Finds where something begins to hold. */
public final class Bisection {

    /** Leaves a ten-millionth of where it is looked for. */
    private static final int ROUNDS = 24;

    private Bisection() {}

    /** {@return the smallest number from which {@code holds} is true; it must not hold before and hold at the end} */
    public static double firstTrue(double from, double to, DoublePredicate holds) {
        double low = from;
        double high = to;
        for (int round = 0; round < ROUNDS; round++) {
            double middle = (low + high) / 2;
            if (holds.test(middle)) {
                high = middle;
            } else {
                low = middle;
            }
        }
        return high;
    }

    /** {@return the largest number up to which {@code holds} is true; it must hold at the start} */
    public static double lastTrue(double from, double to, DoublePredicate holds) {
        double low = from;
        double high = to;
        for (int round = 0; round < ROUNDS; round++) {
            double middle = (low + high) / 2;
            if (holds.test(middle)) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return low;
    }
}
