package app.avrel.mechanics;

import app.avrel.body.Body;
import app.avrel.body.Landmark;
import app.avrel.body.Proportions;
import app.avrel.body.Side;
import app.avrel.floor.SpacePoint;
import java.util.OptionalDouble;

/**
 * One arm, solved as two bones from the shoulder to the middle of the palm, wrist straight.
 *
 * <p>The elbow hangs as low as its circle lets it, leaning out by 0.35 (19°) to its own side. Within ±4 cm: trunk,
 * shoulder girdle and clothing are left out.
 *
 * @param distance from shoulder to palm, as a share of the arm's length
 * @param largestReach ahead, as a share of the arm's length, at this height and place across; empty where the hand cannot
 *     be there at all
 * @param bend degrees of the elbow; 0 is straight
 * @param elbowBelowWrist metres, negative where it is above
 * @param elbowBelowShoulder metres
 * @param elbowAhead metres ahead of the plane of the shoulders, negative behind it
 */
public record ArmReach(
        double distance,
        OptionalDouble largestReach,
        double bend,
        double elbowBelowWrist,
        double elbowBelowShoulder,
        double elbowAhead) {

    private static final double NEAREST = 0.30;
    private static final double LEANS_OUT = 0.35;

    /**
     * {@return the arm whose palm is at a landmark}
     *
     * @param shoulderHalves from the centre line toward the hand's own side
     * @param reach ahead, as a share of the arm's length
     */
    public static ArmReach of(Side side, Landmark height, double shoulderHalves, double reach, Body body) {
        return at(side, height.shareOfStature(), shoulderHalves, reach, body);
    }

    /** {@return the arm whose palm is at a share of the standing stature} */
    public static ArmReach at(Side side, double height, double shoulderHalves, double reach, Body body) {
        double stature = body.stature();
        double arm = Proportions.ARM * stature;
        SpacePoint shoulder =
                new SpacePoint(side.sign() * body.halfShoulders(), 0, Proportions.SHOULDER_HEIGHT * stature);
        SpacePoint palm =
                new SpacePoint(side.sign() * shoulderHalves * body.halfShoulders(), reach * arm, height * stature);
        double upper = Proportions.UPPER_ARM * stature;
        double lower = (Proportions.FOREARM + Proportions.HALF_HAND) * stature;
        double span = shoulder.distance(palm);
        double reached = Math.min(span, upper + lower);
        SpacePoint hand =
                shoulder.plus(palm.minus(shoulder).unit(SpacePoint.along(0)).times(reached));
        SpacePoint elbow =
                TwoBones.between(shoulder, hand, upper, lower, new SpacePoint(side.sign() * LEANS_OUT, 0, -1));
        SpacePoint wrist = elbow.towards(hand, Proportions.FOREARM / (Proportions.FOREARM + Proportions.HALF_HAND));
        double cos = (reached * reached - upper * upper - lower * lower) / (2 * upper * lower);
        return new ArmReach(
                span / arm,
                largest(palm.minus(shoulder), arm),
                Math.toDegrees(Math.acos(Math.clamp(cos, -1, 1))),
                wrist.up() - elbow.up(),
                shoulder.up() - elbow.up(),
                elbow.ahead());
    }

    private static OptionalDouble largest(SpacePoint way, double arm) {
        double left = 1 - Math.pow(way.up() / arm, 2) - Math.pow(way.right() / arm, 2);
        return left < 0 ? OptionalDouble.empty() : OptionalDouble.of(Math.sqrt(left));
    }

    /** {@return whether the hand can be there: not beyond the straight arm, nor nearer than an elbow bent 145°} */
    public boolean reachable() {
        return distance <= 1 && distance >= NEAREST;
    }

    /**
     * {@return the lowest height of a hand, as a share of the standing stature, at which the elbow can be below the
     * wrist; empty where it never can}
     */
    public static OptionalDouble lowestWithElbowBelowWrist(double shoulderHalves, double reach, Body body) {
        double step = 0.0005;
        for (double height = Landmark.THIGH.shareOfStature(); height <= 1; height += step) {
            ArmReach arm = at(Side.RIGHT, height, shoulderHalves, reach, body);
            if (arm.distance <= 1 && arm.elbowBelowWrist >= 0) {
                return OptionalDouble.of(height);
            }
        }
        return OptionalDouble.empty();
    }
}
