package app.avrel.rules.check;

import app.avrel.body.Body;
import app.avrel.body.Side;
import app.avrel.floor.SpacePoint;
import app.avrel.house.Stance;
import app.avrel.label.Labels;
import app.avrel.mechanics.Leg;
import app.avrel.mechanics.Sole;
import app.avrel.mechanics.Spacing;
import app.avrel.mechanics.Stand;
import app.avrel.rules.Finding;
import app.avrel.rules.Measures;
import app.avrel.rules.RuleId;
import app.avrel.rules.Severity;
import app.avrel.rules.Spot;
import java.util.Optional;
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
    public boolean ofStances() {
        return true;
    }

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
        if (closes(stand, front, watched.body())) {
            return;
        }
        double now = Spacing.of(watched.after()).length();
        Optional<Double> nearest = nearest(watched, stand, front, now);
        String rear = Labels.say("rules.knee_does_not", Labels.of(front.other()), Labels.of(front));
        if (nearest.isEmpty()) {
            found.accept(
                    finding(watched, front, Labels.say("rules.rest_does_not"), Labels.say("rules.at_depth_no", rear)));
            return;
        }
        boolean near = now < nearest.get();
        found.accept(finding(
                watched,
                front,
                near ? Labels.say("rules.feet_too_near") : Labels.say("rules.feet_too_far"),
                Labels.say(
                        "rules.feet_too",
                        rear,
                        near ? Labels.say("rules.near") : Labels.say("rules.far_apart"),
                        Measures.length(nearest.get(), watched.body()),
                        Measures.cm(nearest.get() - now),
                        near ? Labels.say("rules.longer") : Labels.say("rules.shorter"))));
    }

    /** It touches, and would touch sooner with the front foot a little further ahead: past that the knee goes under. */
    private static boolean closes(Stand stand, Side front, Body body) {
        Leg ahead = Leg.of(stand, front, body);
        Leg rear = Leg.of(stand, front.other(), body);
        double apart = apart(stand, front, body);
        return Math.abs(apart - TOUCHING * body.stature()) <= LET_PASS
                && apart(longer(stand, front, 0.01), front, body) < apart
                && !beyond(rear, ahead);
    }

    private static double apart(Stand stand, Side front, Body body) {
        Leg ahead = Leg.of(stand, front, body);
        SpacePoint knee = Leg.of(stand, front.other(), body).knee();
        return knee.distance(nearest(knee, ahead.knee(), ahead.ankle()));
    }

    /** The nearest length to the present one at which the rest closes, looked for both ways. */
    private static Optional<Double> nearest(Watched watched, Stand stand, Side front, double now) {
        double step = 0.05 * watched.body().footLength();
        for (int away = 1; away <= 60; away++) {
            for (double length : new double[] {now - away * step, now + away * step}) {
                if (length > 0 && closes(longer(stand, front, length - now), front, watched.body())) {
                    return Optional.of(length);
                }
            }
        }
        return Optional.empty();
    }

    /** The same with the front foot so much further ahead, as low as both legs need. */
    private static Stand longer(Stand stand, Side front, double by) {
        Sole sole = stand.sole(front);
        Sole moved = new Sole(
                sole.heel().plus(stand.facing().vector(by)), sole.heading(), sole.contact(), sole.pitch(), sole.lift());
        return new Stand(
                front == Side.LEFT ? moved : stand.left(),
                front == Side.RIGHT ? moved : stand.right(),
                stand.shareLeft(),
                stand.facing(),
                stand.pelvis(),
                stand.drop(),
                stand.lean(),
                stand.armsAhead());
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
