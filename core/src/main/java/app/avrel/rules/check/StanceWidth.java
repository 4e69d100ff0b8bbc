package app.avrel.rules.check;

import app.avrel.floor.FloorPoint;
import app.avrel.house.HouseRule;
import app.avrel.house.Stance;
import app.avrel.label.Labels;
import app.avrel.mechanics.Sole;
import app.avrel.mechanics.Spacing;
import app.avrel.motion.FootPose;
import app.avrel.motion.Pose;
import app.avrel.posture.move.Contact;
import app.avrel.rules.Finding;
import app.avrel.rules.Measures;
import app.avrel.rules.RuleId;
import app.avrel.rules.Severity;
import app.avrel.rules.Spot;
import java.util.List;
import java.util.function.Consumer;

/**
 * Feet too far apart whatever the stance, crossed where the stance is not a crossed one, or in one another's place. Bow
 * stances have bounds of their own.
 */
final class StanceWidth implements MomentRule {

    /** Metres that a width is let pass. */
    private static final double LET_PASS = 0.02;

    /** Degrees between the feet of a crossed stance. */
    private static final double TURNED_OUT = 45;

    @Override
    public boolean ofStances() {
        return true;
    }

    @Override
    public void examine(Watched watched, Consumer<Finding> found) {
        Pose after = watched.after();
        boolean down = !after.left().lifted() && !after.right().lifted();
        if (!watched.standsAnew() || !after.placed() || !down) {
            return;
        }
        Spacing spacing = watched.alongFeet();
        boolean crossedRest =
                watched.stance().filter(stance -> stance == Stance.CROSSED_REST).isPresent() || onTheWayToARest(after);
        if (!crossedRest && overlap(watched, after)) {
            found.accept(finding(watched, RuleId.FEET_OVERLAP, Labels.say("rules.both_feet_stand")));
        } else if (!crossedRest && spacing.width() < -watched.body().fist() - LET_PASS) {
            found.accept(finding(
                    watched, RuleId.FEET_CROSSED, Labels.say("rules.heels_crossed_by", Measures.cm(spacing.width()))));
        }
        wide(watched, spacing, found);
    }

    /** Crossed with the rear heel up, the front toes turned out. */
    private static boolean onTheWayToARest(Pose pose) {
        boolean heelUp = pose.left().contact() == Contact.BALL || pose.right().contact() == Contact.BALL;
        double between =
                pose.left().heading().value().degreesFrom(pose.right().heading().value());
        return heelUp && between >= TURNED_OUT;
    }

    private static void wide(Watched watched, Spacing spacing, Consumer<Finding> found) {
        double most =
                watched.rule(HouseRule.WIDTH_MOST) / 100.0 * watched.body().shoulderWidth();
        if (spacing.width() > most + LET_PASS && !BowStance.loaded(watched)) {
            found.accept(finding(
                            watched,
                            RuleId.STANCE_WIDTH,
                            Labels.say("rules.heels_apart_across", Measures.cm(spacing.width()), Measures.cm(most)))
                    .headed(Labels.say("rules.stance_too_wide")));
        }
    }

    private static Finding finding(Watched watched, RuleId rule, String sentence) {
        return Finding.of(rule, Severity.LOOK, watched.where(), sentence).at(Spot.FEET);
    }

    /** Whether a part of one sole lies within the other. */
    private static boolean overlap(Watched watched, Pose pose) {
        return List.of(0.1, 0.5, 0.9).stream()
                .anyMatch(share -> within(pose.left(), Sole.of(pose.right()).point(watched.body(), share, 0), watched)
                        || within(pose.right(), Sole.of(pose.left()).point(watched.body(), share, 0), watched));
    }

    private static boolean within(FootPose foot, FloorPoint point, Watched watched) {
        double along = point.minus(foot.heel().value()).along(foot.heading().value());
        double across =
                point.minus(foot.heel().value()).along(foot.heading().value().right());
        return along > 0
                && along < watched.body().footLength()
                && Math.abs(across) < 0.6 * watched.body().footBreadth();
    }
}
