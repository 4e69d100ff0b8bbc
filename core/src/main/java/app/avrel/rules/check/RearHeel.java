package app.avrel.rules.check;

import app.avrel.body.Side;
import app.avrel.mechanics.LeastDrop;
import app.avrel.mechanics.Spacing;
import app.avrel.mechanics.Stand;
import app.avrel.motion.Pose;
import app.avrel.posture.move.Contact;
import app.avrel.rules.Finding;
import app.avrel.rules.Measures;
import app.avrel.rules.RuleId;
import app.avrel.rules.Severity;
import app.avrel.rules.Spot;
import java.util.function.Consumer;

/**
 * All the weight on the front foot with the rear one flat: in any but a short stance the rear leg does not reach. Its heel
 * must rise, or the foot come along.
 */
final class RearHeel implements MomentRule {

    private static final double BEARS_ALL = 95;

    @Override
    public boolean ofStances() {
        return true;
    }

    @Override
    public void examine(Watched watched, Consumer<Finding> found) {
        Pose after = watched.after();
        if (!Watched.known(after) || !watched.standsAnew()) {
            return;
        }
        Spacing spacing = watched.alongFeet();
        Side front = BowStance.front(spacing);
        boolean ahead = spacing.length() > watched.body().footLength() / 2;
        boolean all = after.weight().least(front) >= BEARS_ALL;
        boolean flat = after.left().contact() == Contact.FLAT && after.right().contact() == Contact.FLAT;
        if (ahead && all && flat) {
            double least = LeastDrop.of(Stand.of(after), watched.body()).metres();
            if (watched.fists(least - after.drop().value()) > StanceDepth.LET_PASS) {
                found.accept(finding(watched, front.other(), spacing));
            }
        }
    }

    private static Finding finding(Watched watched, Side rear, Spacing spacing) {
        return Finding.of(
                        RuleId.REAR_HEEL,
                        Severity.LOOK,
                        watched.where(),
                        "With all the weight on the " + rear.other().word() + " foot the " + rear.word()
                                + " one cannot stay flat " + Measures.cm(spacing.distance())
                                + " behind it. Let its heel rise, bring it along, or leave some weight on it.")
                .at(Spot.foot(rear));
    }
}
