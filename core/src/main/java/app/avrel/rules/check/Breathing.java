package app.avrel.rules.check;

import app.avrel.floor.Numbers;
import app.avrel.form.Moment;
import app.avrel.form.Occurrence;
import app.avrel.form.Playing;
import app.avrel.house.HouseRule;
import app.avrel.motion.Performer;
import app.avrel.posture.count.Breath;
import app.avrel.posture.count.Count;
import app.avrel.rules.Finding;
import app.avrel.rules.RuleId;
import app.avrel.rules.Severity;
import app.avrel.rules.Spot;
import app.avrel.rules.Where;
import java.util.List;
import java.util.function.Consumer;

/** Breath that does not alternate, lasts too long, or is not said where the house says it on every count. */
final class Breathing implements CountsRule {

    @Override
    public void examine(Occurrence done, Performer posing, Consumer<Finding> found) {
        int limit = posing.rules().get(HouseRule.BREATH_BEATS);
        List<Moment> ends = CountsRule.ends(done);
        double beats = 0;
        Breath last = Breath.FREE;
        for (int at = 0; at < ends.size(); at++) {
            Count count = ends.get(at).count();
            Where where = CountsRule.count(done, ends.get(at).place().count());
            boolean flows = count.breath() == Breath.IN || count.breath() == Breath.OUT;
            boolean again = flows && count.breath() == last;
            double before = again ? beats : 0;
            beats = flows ? before + Playing.measures(count) : 0;
            last = count.breath();
            if (again) {
                found.accept(twice(where, count.breath()));
            }
            if (beats > limit && before <= limit) {
                found.accept(longOne(where, count.breath(), beats, limit));
            }
            if (count.breath() == Breath.FREE && posing.rules().get(HouseRule.BREATH) == 1) {
                found.accept(unsaid(where));
            }
        }
    }

    private static Finding twice(Where where, Breath breath) {
        return Finding.of(
                        RuleId.TWO_BREATHS,
                        Severity.LOOK,
                        where,
                        "This count and the one before are both an " + breath.phrase()
                                + ". Let one of them be the other breath, or leave it free.")
                .headed("Two " + breath.phrase() + "s in a row")
                .at(Spot.BREATH);
    }

    private static Finding longOne(Where where, Breath breath, double beats, int limit) {
        return Finding.of(
                        RuleId.LONG_BREATH,
                        Severity.LOOK,
                        where,
                        "The " + breath.phrase() + " lasts " + Numbers.plain(beats)
                                + " beats; the house rule is at most " + limit
                                + ". Give it fewer beats, or another breath in between.")
                .headed("A long " + breath.phrase())
                .at(Spot.BREATH);
    }

    private static Finding unsaid(Where where) {
        return Finding.of(
                        RuleId.BREATH_UNSAID,
                        Severity.NOTE,
                        where,
                        "The house says the breath on every count; here it is left free.")
                .at(Spot.BREATH);
    }
}
