package app.avrel.mechanics;

import app.avrel.body.Body;
import app.avrel.body.Proportions;
import app.avrel.floor.SpacePoint;
import app.avrel.motion.FootPose;

/**
 * How a foot is held in space, so that it can go over into another hold smoothly.
 *
 * @param ankle where the ankle is
 * @param heading degrees, whole turns kept while going over
 * @param pitch degrees the toes are up; negative is heel up
 * @param free 0 where it stands, 1 where it hangs in the air; between on the way from one to the other
 */
public record FootRig(SpacePoint ankle, double heading, double pitch, double free) {

    private static final double ARC = 0.035;
    private static final double STANDS = 0.002;

    /** {@return whether it touches the floor, or is nearer to that than to hanging free} */
    public boolean planted() {
        return free < 0.5;
    }

    /** {@return the point at a share of the sole from the heel, at the sole's height} */
    public SpacePoint sole(Body body, double share) {
        double length = body.footLength();
        return ankle.plus(
                local((share - Proportions.ANKLE_ALONG) * length, -Proportions.ANKLE_HEIGHT * body.stature()));
    }

    private SpacePoint local(double along, double up) {
        double radians = Math.toRadians(pitch);
        double level = along * Math.cos(radians) - up * Math.sin(radians);
        double raised = along * Math.sin(radians) + up * Math.cos(radians);
        return SpacePoint.along(heading).times(level).plus(SpacePoint.UP.times(raised));
    }

    /** {@return the foot whose sole point at {@code share} lies there} */
    static FootRig standing(SpacePoint point, double share, double heading, double pitch, Body body) {
        FootRig about = new FootRig(new SpacePoint(0, 0, 0), heading, pitch, 0);
        return new FootRig(point.minus(about.sole(body, share)), heading, pitch, 0);
    }

    /**
     * {@return the hold a share of the way to another}
     *
     * <p>A foot that turns on a point of its sole keeps that point; one that goes elsewhere is lifted a little on its
     * way.
     */
    FootRig towards(FootRig other, double share, Body body) {
        double turn = Math.IEEEremainder(other.heading - heading, 360);
        double newHeading = heading + turn * share;
        double newPitch = pitch + (other.pitch - pitch) * share;
        if (planted() && other.planted()) {
            double pivot = pivot(other, body);
            double drift = sole(body, pivot).distance(other.sole(body, pivot));
            if (drift < STANDS * body.stature()) {
                SpacePoint point = sole(body, pivot).towards(other.sole(body, pivot), share);
                return standing(point, pivot, newHeading, newPitch, body);
            }
        }
        double way = ankle.distance(other.ankle);
        double lift = Math.sin(Math.PI * share) * Math.min(ARC * body.stature(), way * 0.25);
        SpacePoint between = ankle.towards(other.ankle, share).plus(SpacePoint.UP.times(lift));
        return new FootRig(between, newHeading, newPitch, free + (other.free - free) * share);
    }

    /** The point of the sole that moves least. */
    private double pivot(FootRig other, Body body) {
        double best = FootPose.FLAT_PRESSURE;
        for (double share : new double[] {FootPose.HEEL_PRESSURE, 0, FootPose.BALL}) {
            if (sole(body, share).distance(other.sole(body, share)) + 1e-6
                    < sole(body, best).distance(other.sole(body, best))) {
                best = share;
            }
        }
        return best;
    }
}
