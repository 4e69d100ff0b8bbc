package app.avrel.rules.check;

import app.avrel.body.Side;
import app.avrel.floor.Numbers;
import app.avrel.form.Moment;
import app.avrel.form.Occurrence;
import app.avrel.house.HouseRule;
import app.avrel.motion.Performer;
import app.avrel.motion.Pose;
import app.avrel.rules.Finding;
import app.avrel.rules.RuleId;
import app.avrel.rules.Severity;
import app.avrel.rules.Spot;
import java.util.Optional;
import java.util.function.Consumer;

/** Standing on one leg for longer than the house rules allow. */
final class OneLegLong implements CountsRule {

    @Override
    public void examine(Occurrence done, Performer posing, Consumer<Finding> found) {
        int limit = posing.rules().get(HouseRule.ONE_LEG_BEATS);
        double beats = 0;
        Optional<Side> standing = Optional.empty();
        for (Moment moment : CountsRule.ends(done)) {
            Optional<Side> now = standing(moment.after());
            double before = now.equals(standing) ? beats : 0;
            beats = now.isPresent() ? before + moment.count().beats() : 0;
            standing = now;
            if (before <= limit && beats > limit) {
                found.accept(finding(done, moment, now.orElseThrow(), beats, limit));
            }
        }
    }

    private static Optional<Side> standing(Pose pose) {
        if (pose.left().lifted() == pose.right().lifted()) {
            return Optional.empty();
        }
        return Optional.of(pose.left().lifted() ? Side.RIGHT : Side.LEFT);
    }

    private static Finding finding(Occurrence done, Moment moment, Side leg, double beats, int limit) {
        return Finding.of(
                        RuleId.ONE_LEG_LONG,
                        Severity.LOOK,
                        CountsRule.count(done, moment.place().count()),
                        "By the end of this count one has stood on the " + leg.word() + " leg for "
                                + Numbers.plain(beats) + " beats; the house rule is at most " + limit
                                + ". Set the foot down in between, or offer the gentler version.")
                .at(Spot.BALANCE);
    }
}
