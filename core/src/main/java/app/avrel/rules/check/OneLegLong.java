package app.avrel.rules.check;

import app.avrel.body.Side;
import app.avrel.floor.Numbers;
import app.avrel.house.HouseRule;
import app.avrel.house.HouseRules;
import app.avrel.label.Labels;
import app.avrel.motion.FootPose;
import app.avrel.motion.Pose;
import app.avrel.posture.move.Contact;
import app.avrel.rules.Finding;
import app.avrel.rules.RuleId;
import app.avrel.rules.Severity;
import app.avrel.rules.Spot;
import java.util.Optional;
import java.util.function.Consumer;

/**
 * All the weight on one leg for longer than the house rules allow, whether the other foot is in the air or only touches with
 * heel or ball: the count in which it comes up is counted in.
 */
final class OneLegLong implements LineRule {

    private static final int ALL = 100;

    private final int limit;
    private double beats;
    private Optional<Side> standing = Optional.empty();

    OneLegLong(HouseRules rules) {
        this.limit = rules.get(HouseRule.ONE_LEG_BEATS);
    }

    @Override
    public void count(Step step, Consumer<Finding> found) {
        Optional<Side> now = standing(step.after());
        double before = now.equals(standing) ? beats : 0;
        beats = now.isPresent() ? before + step.count().beats() : 0;
        standing = now;
        if (before <= limit && beats > limit) {
            found.accept(step.found(
                            RuleId.ONE_LEG_LONG,
                            Severity.LOOK,
                            Labels.say("rules.by_end_count", Labels.of(now.orElseThrow()), Numbers.plain(beats), limit))
                    .at(Spot.BALANCE));
        }
    }

    private static boolean alone(Pose pose, Side leg) {
        FootPose other = pose.foot(leg.other());
        return other.lifted()
                || other.contact() != Contact.FLAT && pose.weight().least(leg) == ALL;
    }

    private static Optional<Side> standing(Pose pose) {
        boolean left = alone(pose, Side.LEFT);
        boolean right = alone(pose, Side.RIGHT);
        return left == right ? Optional.empty() : Optional.of(left ? Side.LEFT : Side.RIGHT);
    }
}
