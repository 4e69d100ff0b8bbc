package app.avrel.mechanics;

import java.util.Random;

/**
 * A pair of scales with somebody standing on it: the share they mean to stand in, their sway about it, the error they do
 * not feel, and a slow drift as they tire. The same seed shows the same.
 *
 * <p>Sway while standing quietly is a sum of slow swings between 0.1 and 1 Hz, larger the slower.
 */
public final class SimulatedScales implements Scales {

    private static final double[] HERTZ = {0.13, 0.21, 0.34, 0.55, 0.89};
    private static final double KILOGRAM_STEP = 0.1;

    private final Standing standing;
    private final double[] phases = new double[HERTZ.length];

    /**
     * How somebody stands.
     *
     * @param kilograms they weigh, 20 to 250
     * @param leftPercent what they mean to have on the left foot, 0 to 100
     * @param sway points to either side that they sway at most, 0 to 20
     * @param error points more on the left than they mean, -40 to 40
     * @param drift points a minute by which the left gets more, -20 to 20
     */
    public record Standing(double kilograms, double leftPercent, double sway, double error, double drift) {

        public Standing {
            check("kilograms", kilograms, 20, 250);
            check("left share", leftPercent, 0, 100);
            check("sway", sway, 0, 20);
            check("error", error, -40, 40);
            check("drift", drift, -20, 20);
        }

        private static void check(String what, double value, double least, double most) {
            if (!(value >= least && value <= most)) {
                throw new IllegalArgumentException(what + " must be " + least + " to " + most + ", but was " + value);
            }
        }
    }

    public SimulatedScales(Standing standing, long seed) {
        this.standing = standing;
        Random random = new Random(seed);
        for (int i = 0; i < phases.length; i++) {
            phases[i] = random.nextDouble() * 2 * Math.PI;
        }
    }

    @Override
    public TwoScales at(double seconds) {
        double left = Math.clamp(
                standing.leftPercent() + standing.error() + standing.drift() * seconds / 60 + sway(seconds), 0, 100);
        double onLeft = shown(standing.kilograms() * left / 100);
        return new TwoScales(onLeft, shown(standing.kilograms()) - onLeft);
    }

    private double sway(double seconds) {
        double sum = 0;
        double all = 0;
        for (int i = 0; i < HERTZ.length; i++) {
            double size = HERTZ[0] / HERTZ[i];
            sum += size * Math.sin(2 * Math.PI * HERTZ[i] * seconds + phases[i]);
            all += size;
        }
        return standing.sway() * sum / all;
    }

    private static double shown(double kilograms) {
        return Math.rint(kilograms / KILOGRAM_STEP) * KILOGRAM_STEP;
    }
}
