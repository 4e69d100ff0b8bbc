package app.avrel.rules.check;

import app.avrel.body.Side;
import app.avrel.house.Stance;
import app.avrel.label.Labels;
import app.avrel.motion.FootPose;
import app.avrel.motion.Pose;
import app.avrel.posture.move.Contact;
import app.avrel.rules.Finding;
import app.avrel.rules.RuleId;
import app.avrel.rules.Severity;
import app.avrel.rules.Spot;
import java.util.function.Consumer;

/**
 * More than half of the weight on a heel or a ball alone, for longer than one stage: because it is kept there, or raised
 * under load. One stands on the whole foot.
 */
final class EdgeLoad implements MomentRule {

    private static final int HALF = 50;

    @Override
    public void examine(Watched watched, Consumer<Finding> found) {
        boolean asked =
                watched.stance().filter(stance -> stance == Stance.CROSSED_REST).isPresent();
        for (Side side : Side.values()) {
            boolean still = edge(watched.before(), side) && edge(watched.after(), side);
            if (!asked && (still || watched.settled() && edge(watched.after(), side))) {
                found.accept(finding(watched, side, watched.after().foot(side)));
            }
        }
    }

    private static boolean edge(Pose pose, Side side) {
        Contact contact = pose.foot(side).contact();
        return (contact == Contact.HEEL || contact == Contact.BALL)
                && pose.weight().least(side) > HALF;
    }

    private static Finding finding(Watched watched, Side side, FootPose foot) {
        return Finding.of(
                        RuleId.EDGE_LOAD,
                        Severity.LOOK,
                        watched.where(),
                        Labels.say(
                                "rules.foot_bears",
                                Labels.of(side),
                                watched.after().weight().least(side),
                                Labels.of(foot.contact())))
                .at(Spot.foot(side));
    }
}
