package app.avrel.floor;

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
        double rounded = Math.rint(number * 100) / 100;
        if (rounded == Math.rint(rounded)) {
            return Long.toString((long) rounded);
        }
        return Double.toString(rounded);
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
