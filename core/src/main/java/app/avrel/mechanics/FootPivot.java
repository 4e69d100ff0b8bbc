package app.avrel.mechanics;

import app.avrel.body.Body;
import app.avrel.floor.Bearing;
import app.avrel.floor.FloorPoint;
import app.avrel.floor.FloorVector;
import app.avrel.motion.FootPose;
import app.avrel.posture.move.Contact;

/**
 * What moves when a foot turns on a point of its sole. Within ±1.5 cm on the ball.
 *
 * @param heel the way of the heel point
 * @param ball the way of the base of the big toe
 * @param pressure the way of the point where a flat foot's pressure comes down
 */
public record FootPivot(FloorVector heel, FloorVector ball, FloorVector pressure) {

    /** {@return the turn of a foot from one heading to another} */
    public static FootPivot of(Bearing from, Bearing to, Pivot on, Body body) {
        double fixed = on.share();
        return new FootPivot(
                way(from, to, fixed, 0, body),
                way(from, to, fixed, FootPose.BALL, body),
                way(from, to, fixed, FootPose.FLAT_PRESSURE, body));
    }

    /** The point of the sole that stays. */
    public enum Pivot {
        HEEL(0),
        BALL(FootPose.BALL),
        WHOLE_SOLE(FootPose.FLAT_PRESSURE);

        private final double share;

        Pivot(double share) {
            this.share = share;
        }

        /** {@return its share of the foot's length from the heel} */
        double share() {
            return share;
        }
    }

    private static FloorVector way(Bearing from, Bearing to, double fixed, double share, Body body) {
        Sole before = Sole.of(FloorPoint.ORIGIN, from, Contact.FLAT);
        FloorPoint stays = before.point(body, fixed, 0);
        FloorPoint heel = stays.plus(to.vector(-fixed * body.footLength()));
        Sole after = Sole.of(heel, to, Contact.FLAT);
        return after.point(body, share, 0).minus(before.point(body, share, 0));
    }
}
