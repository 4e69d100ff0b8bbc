package app.avrel.rules.check;

import app.avrel.floor.Bearing;
import app.avrel.floor.Directions;
import app.avrel.floor.Heading;
import app.avrel.floor.Numbers;
import app.avrel.form.Entry;
import app.avrel.form.FormId;
import app.avrel.form.Occurrence;
import app.avrel.house.HouseRule;
import app.avrel.label.Labels;
import app.avrel.motion.Performer;
import app.avrel.rules.Finding;
import app.avrel.rules.RuleId;
import app.avrel.rules.Severity;
import app.avrel.rules.Where;
import java.util.Optional;
import java.util.function.Consumer;

/** Where the instructor says one faces at the end against where the turns lead. */
final class ClaimedFacing implements EndRule {

    @Override
    public void examine(Occurrence done, Performer posing, Directions directions, Consumer<Finding> found) {
        done.posture().end().facing().ifPresent(claimed -> {
            Bearing leads = done.done().end().facing();
            if (apart(claimed.degreesFrom(leads), done, posing)) {
                found.accept(EndRule.finding(
                        RuleId.CLAIMED_FACING,
                        done,
                        sentence(done.at().of(claimed), done.at().of(leads), directions)));
            }
        });
    }

    /** Looks at what an entry of a form says of its facing at its end. */
    static void examine(
            FormId form,
            Entry entry,
            Occurrence done,
            Performer posing,
            Directions directions,
            Consumer<Finding> found) {
        entry.facing().ifPresent(claimed -> {
            Heading leads = done.end().facing();
            if (apart(claimed.degreesFrom(leads), done, posing)) {
                found.accept(Finding.of(
                        RuleId.CLAIMED_FACING,
                        Severity.LOOK,
                        new Where.InForm(form, done.entry(), Optional.empty()),
                        sentence(claimed, leads, directions)));
            }
        });
    }

    private static boolean apart(double degrees, Occurrence done, Performer posing) {
        return done.done().end().chest().known() && degrees > posing.rules().get(HouseRule.ANGLE_TOLERANCE) + 1e-9;
    }

    private static String sentence(Heading claimed, Heading leads, Directions directions) {
        return Labels.say(
                "rules.end_claimed_face",
                directions.say(claimed),
                directions.say(leads),
                Numbers.whole(claimed.degreesFrom(leads)));
    }
}
