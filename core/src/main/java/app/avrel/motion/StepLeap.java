package app.avrel.motion;

/**
 * How much of a width a step can keep beside a direction that nears the sideways, so that the foot never leaps: five
 * degrees further round, the heel goes at most 15 % of the distance between the heels further.
 *
 * <p>With the distance 1 along the direction and the width a beside it, turning the direction moves the heel by the square
 * root of (1 + a')² + a² a radian, where the heels are the square root of 1 + a² apart. The largest a' that keeps within
 * the share gives the width, from nothing at a quarter turn outward. A width that is more than that even straight ahead is
 * whole there, and less of it in proportion.
 */
final class StepLeap {

    private static final double SIDEWAYS = 90;

    /** A little less than 15 % in 5°, as a step is not a differential. */
    private static final double SHARE = 0.143 / Math.toRadians(5);

    private static final double[] MOST = most();

    private StepLeap() {}

    private static double[] most() {
        double[] most = new double[(int) SIDEWAYS + 1];
        for (int degree = 1; degree <= SIDEWAYS; degree++) {
            double before = most[degree - 1];
            double square = SHARE * SHARE;
            most[degree] = before + Math.toRadians(1) * (Math.sqrt(square + (square - 1) * before * before) - 1);
        }
        return most;
    }

    /** {@return the width, metres, or as much of it as the foot can keep without a leap} */
    static double bounded(double width, double distance, double off) {
        double round = Math.min(Math.abs(off), 2 * SIDEWAYS - Math.abs(off));
        double from = SIDEWAYS - round;
        int degree = (int) Math.clamp(from, 0, SIDEWAYS - 1);
        double most = Math.abs(distance) * (MOST[degree] + (from - degree) * (MOST[degree + 1] - MOST[degree]));
        if (distance == 0) {
            return width;
        }
        double straight = Math.abs(distance) * MOST[(int) SIDEWAYS];
        double whole = Math.max(1, Math.abs(width) / straight);
        return Math.copySign(Math.min(Math.abs(width), most * whole), width);
    }
}
