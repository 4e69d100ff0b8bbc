package app.avrel.mechanics;

import app.avrel.body.Body;
import app.avrel.body.Proportions;
import app.avrel.body.Side;
import app.avrel.floor.FloorPoint;
import app.avrel.floor.SpacePoint;

/**
 * How far the pelvis must sink at least for both legs to reach their feet. Within ±0.3 fist.
 *
 * @param metres may be negative where both legs reach when standing; infinite where a foot is out of all reach
 * @param limiting the leg that decides
 */
public record LeastDrop(double metres, Side limiting) {

    /** {@return the least drop of a stand, whatever its own is} */
    public static LeastDrop of(Stand stand, Body body) {
        double left = of(stand, Side.LEFT, body);
        double right = of(stand, Side.RIGHT, body);
        return left > right ? new LeastDrop(left, Side.LEFT) : new LeastDrop(right, Side.RIGHT);
    }

    private static double of(Stand stand, Side side, Body body) {
        SpacePoint ankle = stand.sole(side).ankle(body);
        FloorPoint hip = stand.hip(side, stand.centreOfMass(body), body).floor();
        double straight = LegSpan.straight(body);
        double level = hip.distance(ankle.floor());
        return level > straight
                ? Double.POSITIVE_INFINITY
                : Proportions.HIP_HEIGHT * body.stature() - ankle.up() - Math.sqrt(straight * straight - level * level);
    }
}
