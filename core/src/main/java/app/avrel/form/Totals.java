package app.avrel.form;

import app.avrel.body.Body;
import app.avrel.body.Side;
import app.avrel.motion.Pose;
import app.avrel.posture.count.Breath;
import app.avrel.posture.move.Move;
import java.util.List;

/**
 * What a stretch of a form adds up to.
 *
 * @param counts ways in included
 * @param beats as recorded
 * @param measures beats as they are played: a slow count lasts half as long again, a quick one half
 * @param leftLegMeasures the part of {@code measures} that the left leg bears, by its share at each count's end
 * @param longestOneLegged measures in a row on one leg
 * @param oneLegged measures on one leg
 * @param low measures with the pelvis two fists down or more
 * @param kicks how many
 * @param turnedLeft degrees turned to the left, all turns added
 * @param turnedRight degrees turned to the right
 * @param breathsRepeated counts whose breath is that of the count before, both in or both out
 */
public record Totals(
        int counts,
        double beats,
        double measures,
        double leftLegMeasures,
        double longestOneLegged,
        double oneLegged,
        double low,
        int kicks,
        double turnedLeft,
        double turnedRight,
        int breathsRepeated) {

    private static final double LOW_FISTS = 2;

    /** {@return the totals of occurrences in order} */
    public static Totals of(List<Occurrence> done, Body body) {
        Adding adding = new Adding(body);
        for (Occurrence one : done) {
            one.moments().forEach(adding::turn);
            one.ends().forEach(adding::count);
        }
        return adding.totals();
    }

    /** {@return seconds at so many a beat} */
    public double seconds(double beat) {
        return measures * beat;
    }

    /** {@return the share of the time that a leg bears, 0 to 1; half where there is no time} */
    public double share(Side leg) {
        double left = measures == 0 ? 0.5 : leftLegMeasures / measures;
        return leg == Side.LEFT ? left : 1 - left;
    }

    /** Adds count by count. */
    private static final class Adding {

        private final Body body;
        private int counts;
        private double beats;
        private double measures;
        private double leftLeg;
        private double standing;
        private double longest;
        private double oneLegged;
        private double low;
        private int kicks;
        private double left;
        private double right;
        private int repeated;
        private Breath breath = Breath.FREE;

        Adding(Body body) {
            this.body = body;
        }

        void turn(Moment moment) {
            double degrees = moment.after()
                    .chest()
                    .value()
                    .minus(moment.before().chest().value())
                    .degrees();
            left += Math.max(0, -degrees);
            right += Math.max(0, degrees);
            kicks += (int) moment.stage().moves().stream()
                    .filter(Move.Kicking.class::isInstance)
                    .count();
        }

        void count(Moment end) {
            double lasts = Playing.measures(end.count());
            Pose pose = end.after();
            counts++;
            beats += end.count().beats();
            measures += lasts;
            leftLeg += lasts * pose.weight().middle(Side.LEFT) / 100;
            boolean air = pose.left().lifted() != pose.right().lifted();
            standing = air ? standing + lasts : 0;
            longest = Math.max(longest, standing);
            oneLegged += air ? lasts : 0;
            low += pose.drop().value() >= LOW_FISTS * body.fist() - 1e-9 ? lasts : 0;
            repeated += end.count().breath().repeats(breath) ? 1 : 0;
            breath = end.count().breath();
        }

        Totals totals() {
            return new Totals(counts, beats, measures, leftLeg, longest, oneLegged, low, kicks, left, right, repeated);
        }
    }
}
