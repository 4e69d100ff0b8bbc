package app.avrel.floor;

import java.math.BigDecimal;

/** How numbers are written for people: no trailing zeros, a full stop for decimals, whatever the machine's locale. */
public final class Numbers {

    /** What rounding alone may add to a number or take away from it: a half is a half wherever one stands in the hall. */
    private static final double NOISE = 1e-6;

    private Numbers() {}

    /** {@return the number with at most two decimals} */
    public static String plain(double number) {
        if (!Double.isFinite(number)) {
            return Double.toString(number);
        }
        return BigDecimal.valueOf(hundredths(number)).stripTrailingZeros().toPlainString();
    }

    /** {@return the number to the hundredth, which is what is written of it; never a negative zero} */
    public static double hundredths(double number) {
        return Math.rint(number * 100) / 100 + 0.0;
    }

    /** {@return the number rounded to a whole one} */
    public static String whole(double number) {
        return Long.toString(rounded(number));
    }

    /** {@return the number rounded to tenths} */
    public static double tenths(double number) {
        return rounded(number * 10) / 10.0;
    }

    private static long rounded(double number) {
        return Math.round(number + Math.copySign(NOISE, number));
    }
}
