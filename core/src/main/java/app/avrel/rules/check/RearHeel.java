package app.avrel.rules.check;

import app.avrel.body.Side;
import app.avrel.label.Labels;
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
        Side front = spacing.front();
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
                        Labels.say(
                                "rules.all_weight_on",
                                Labels.of(rear.other()),
                                Labels.of(rear),
                                Measures.cm(spacing.distance())))
                .at(Spot.foot(rear));
    }
}
