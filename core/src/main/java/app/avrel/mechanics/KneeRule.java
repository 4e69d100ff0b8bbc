package app.avrel.mechanics;

import app.avrel.body.Body;
import app.avrel.body.Side;
import app.avrel.floor.SpacePoint;

/** Where on its circle the knee is: three answers that agree where the hip is over the foot's line. */
public enum KneeRule {
    /** The plane of the leg holds the foot's heading: no twist of the shin, some tilt sideways. */
    LEG_PLANE,
    /** The knee is over the foot's line: no tilt, but the shin must twist. */
    OVER_THE_FOOT,
    /** The least of tilt and twist together, by squares: for drawing. */
    LEAST;

    private static final double WIDEST = 1.2;

    /**
     * A knee by one rule.
     *
     * @param twist degrees the plane of the leg is turned from the foot's heading about the shin, at least 0
     */
    public record Knee(Leg leg, double twist) {

        private double cost() {
            return leg.tiltInward() * leg.tiltInward() + twist * twist;
        }
    }

    /** {@return the knee of a leg whose pelvis is over the centre of mass} */
    public Knee knee(Stand stand, Side side, Body body) {
        return switch (this) {
            case LEG_PLANE -> at(0, stand, side, body);
            case OVER_THE_FOOT -> {
                boolean inwardFirst = at(-WIDEST, stand, side, body).leg().inward() > 0;
                double turn = Bisection.firstTrue(
                        -WIDEST,
                        WIDEST,
                        angle -> at(angle, stand, side, body).leg().inward() > 0 != inwardFirst);
                yield at(turn, stand, side, body);
            }
            case LEAST -> least(stand, side, body);
        };
    }

    /** The cost has one valley; each round keeps the third in which it lies. */
    private static Knee least(Stand stand, Side side, Body body) {
        double low = -WIDEST;
        double high = WIDEST;
        while (high - low > 1e-6) {
            double third = (high - low) / 3;
            if (at(low + third, stand, side, body).cost()
                    < at(high - third, stand, side, body).cost()) {
                high -= third;
            } else {
                low += third;
            }
        }
        return at((low + high) / 2, stand, side, body);
    }

    /** The knee turned by radians about the line from hip to ankle, from where the leg's plane holds the heading. */
    private static Knee at(double radians, Stand stand, Side side, Body body) {
        SpacePoint hip = stand.hip(side, stand.centreOfMass(body), body);
        SpacePoint foot = SpacePoint.along(stand.sole(side).heading().degrees());
        SpacePoint line = stand.sole(side).ankle(body).minus(hip).unit(SpacePoint.UP);
        SpacePoint bends = foot.across(line).unit(SpacePoint.UP);
        SpacePoint pole = bends.times(Math.cos(radians)).plus(line.cross(bends).times(Math.sin(radians)));
        Leg leg = Leg.of(stand, side, body, hip, pole);
        SpacePoint shin = leg.knee().minus(leg.ankle()).unit(SpacePoint.UP);
        SpacePoint plane = leg.knee().minus(leg.hip()).across(shin);
        SpacePoint toes = foot.across(shin);
        double twist = Math.atan2(plane.cross(toes).length(), plane.dot(toes));
        return new Knee(leg, Math.toDegrees(twist));
    }
}
