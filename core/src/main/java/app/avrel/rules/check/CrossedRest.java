package app.avrel.rules.check;

import app.avrel.body.Side;
import app.avrel.floor.SpacePoint;
import app.avrel.house.Stance;
import app.avrel.mechanics.Leg;
import app.avrel.mechanics.Spacing;
import app.avrel.mechanics.Stand;
import app.avrel.rules.Finding;
import app.avrel.rules.Measures;
import app.avrel.rules.RuleId;
import app.avrel.rules.Severity;
import app.avrel.rules.Spot;
import java.util.function.Consumer;

/**
 * A crossed rest that does not close: it does when the rear knee touches the front calf.
 *
 * <p>Knee and calf together are 0.065 of the stature thick (recalled), within 3 cm.
 */
final class CrossedRest implements MomentRule {

    private static final double TOUCHING = 0.065;
    private static final double LET_PASS = 0.03;

    @Override
    public void examine(Watched watched, Consumer<Finding> found) {
        boolean crossed =
                watched.stance().filter(stance -> stance == Stance.CROSSED_REST).isPresent();
        if (crossed && watched.standsAnew()) {
            watched.stand().ifPresent(stand -> examine(watched, stand, found));
        }
    }

    private static void examine(Watched watched, Stand stand, Consumer<Finding> found) {
        Side front = BowStance.front(Spacing.of(watched.after()));
        Leg ahead = watched.leg(front);
        Leg rear = watched.leg(front.other());
        double over = rear.knee().distance(nearest(rear.knee(), ahead.knee(), ahead.ankle()))
                - TOUCHING * watched.body().stature()
                - LET_PASS;
        if (beyond(rear, ahead)) {
            found.accept(finding(
                    watched,
                    front,
                    "Feet are too near to close",
                    "The " + front.other().word() + " knee would have to be where the " + front.word()
                            + " shank is: the feet are too near. Step a little longer."));
        } else if (over > 0) {
            found.accept(finding(
                    watched,
                    front,
                    "The rest does not close",
                    "The " + front.other().word() + " knee stays about " + Measures.cm(over + LET_PASS)
                            + " from the " + front.word()
                            + " calf: the feet are too far apart for this depth. Step shorter, or sink further."));
        }
    }

    /** Whether the shank is between the rear knee and its own hip. */
    private static boolean beyond(Leg rear, Leg ahead) {
        SpacePoint near = nearest(rear.knee(), ahead.knee(), ahead.ankle());
        SpacePoint toKnee = rear.knee().minus(near).across(SpacePoint.UP);
        SpacePoint toHip = rear.hip().minus(near).across(SpacePoint.UP);
        return toKnee.dot(toHip) < 0;
    }

    private static SpacePoint nearest(SpacePoint point, SpacePoint start, SpacePoint end) {
        SpacePoint way = end.minus(start);
        double along = Math.clamp(point.minus(start).dot(way) / way.dot(way), 0, 1);
        return start.plus(way.times(along));
    }

    private static Finding finding(Watched watched, Side front, String headline, String sentence) {
        return Finding.of(RuleId.CROSSED_REST, Severity.LOOK, watched.where(), sentence)
                .headed(headline)
                .at(Spot.knee(front.other()));
    }
}
