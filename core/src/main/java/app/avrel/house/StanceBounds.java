package app.avrel.house;

import java.util.List;

/**
 * The bounds within which a position bears a stance's name.
 *
 * @param stance the name
 * @param leastLength heel to heel along the facing at least, foot-lengths
 * @param mostLength heel to heel along the facing below, foot-lengths
 * @param leastWidth heel to heel across the facing at least, shoulder widths; negative is crossed
 * @param mostWidth heel to heel across the facing below or at, shoulder widths
 * @param leastHeavy percent on the heavier foot at least
 * @param mostHeavy percent on the heavier foot at most
 */
public record StanceBounds(
        Stance stance,
        double leastLength,
        double mostLength,
        double leastWidth,
        double mostWidth,
        int leastHeavy,
        int mostHeavy) {

    private static final double ANY = 1000;

    /** Which foot must be the heavier, which parts touch, and how deep one sits is settled where stances are named. */
    public static final List<StanceBounds> USUAL = List.of(
            new StanceBounds(Stance.ONE_LEGGED, 0, ANY, -ANY, ANY, 100, 100),
            new StanceBounds(Stance.DRAWN_IN, 0, 1.2, -ANY, ANY, 90, 100),
            new StanceBounds(Stance.CROSSED_REST, 0, ANY, -ANY, 0.4, 50, 100),
            new StanceBounds(Stance.DROP, 2.2, ANY, -ANY, ANY, 75, 100),
            new StanceBounds(Stance.EMPTY, 0.3, 1.8, -ANY, ANY, 75, 100),
            new StanceBounds(Stance.BOW, 0.9, ANY, -0.6, 1.4, 55, 85),
            new StanceBounds(Stance.ALL_ON_FRONT, 0.9, ANY, -0.1, 1.4, 85, 100),
            new StanceBounds(Stance.REAR_LOADED, 0.8, ANY, -ANY, ANY, 55, 85),
            new StanceBounds(Stance.SIDE_BOW, 0, 0.8, 1.4, ANY, 60, 85),
            new StanceBounds(Stance.HORSE, 0, 0.8, 1.4, ANY, 50, 60),
            new StanceBounds(Stance.SHOULDER_WIDE, 0, 0.4, 0.7, 1.4, 50, 60),
            new StanceBounds(Stance.FEET_TOGETHER, 0, 0.4, -ANY, 0.7, 50, 60));

    /** {@return whether length (foot-lengths), width (shoulder widths) and heavier share (percent) lie within} */
    public boolean hold(double length, double width, int heavy) {
        return length >= leastLength
                && length <= mostLength
                && width >= leastWidth
                && width <= mostWidth
                && heavy >= leastHeavy
                && heavy <= mostHeavy;
    }
}
