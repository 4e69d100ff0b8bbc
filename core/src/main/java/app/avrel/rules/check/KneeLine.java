package app.avrel.rules.check;

import app.avrel.body.Side;
import app.avrel.floor.SpacePoint;
import app.avrel.house.HouseRule;
import app.avrel.label.Labels;
import app.avrel.mechanics.Leg;
import app.avrel.mechanics.Stand;
import app.avrel.posture.move.Contact;
import app.avrel.rules.Finding;
import app.avrel.rules.Measures;
import app.avrel.rules.RuleId;
import app.avrel.rules.Severity;
import app.avrel.rules.Spot;
import java.util.function.Consumer;

/**
 * A loaded knee inward of the line of its foot, or one that is straight.
 *
 * <p>Where hip and ankle are more than 10 cm apart sideways the whole leg leans inward: that is no collapse, and is judged
 * by the twist alone. Near straight a bend is only good for "nearly straight".
 */
final class KneeLine implements MomentRule {

    private static final double LEANING_LEG = 0.10;
    private static final double STRAIGHT = 5;

    @Override
    public boolean ofStances() {
        return true;
    }

    @Override
    public void examine(Watched watched, Consumer<Finding> found) {
        if (!watched.standsAnew()) {
            return;
        }
        watched.stand().ifPresent(stand -> {
            for (Side side : watched.bearing(Watched.HELD)) {
                line(watched, stand, side, found);
                locked(watched, side, found);
            }
        });
    }

    private static void line(Watched watched, Stand stand, Side side, Consumer<Finding> found) {
        Leg leg = watched.leg(side);
        double limit = watched.rule(HouseRule.KNEE_LINE) / 1000.0;
        double apart = Math.abs(leg.hip()
                .minus(leg.ankle())
                .dot(SpacePoint.along(stand.sole(side).heading().right().degrees())));
        boolean flat = watched.after().foot(side).contact() == Contact.FLAT;
        if (flat && apart <= LEANING_LEG && leg.inward() > limit) {
            found.accept(Finding.of(
                            RuleId.KNEE_LINE,
                            Severity.LOOK,
                            watched.where(),
                            Labels.say(
                                    "rules.knee_about", Labels.of(side), Measures.cm(leg.inward()), Measures.cm(limit)))
                    .headed(Labels.capital(Labels.say("rules.knee_off_its", Labels.of(side))))
                    .at(Spot.knee(side)));
        }
    }

    private static void locked(Watched watched, Side side, Consumer<Finding> found) {
        boolean most = watched.after().weight().least(side) > 50;
        if (most && watched.leg(side).bend() < STRAIGHT) {
            found.accept(Finding.of(
                            RuleId.KNEE_LOCKED,
                            Severity.NOTE,
                            watched.where(),
                            Labels.say("rules.leg_bears_most", Labels.of(side)))
                    .headed(Labels.capital(Labels.say("rules.knee_nearly_straight", Labels.of(side))))
                    .at(Spot.knee(side)));
        }
    }
}
