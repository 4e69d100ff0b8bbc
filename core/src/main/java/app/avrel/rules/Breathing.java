package app.avrel.rules;

import app.avrel.floor.Numbers;
import app.avrel.form.Moment;
import app.avrel.form.Occurrence;
import app.avrel.form.Playing;
import app.avrel.house.HouseRule;
import app.avrel.motion.Posing;
import app.avrel.posture.Breath;
import app.avrel.posture.Count;
import java.util.List;
import java.util.function.Consumer;

/** Breath that does not alternate, lasts too long, or is not said where the house says it on every count. */
final class Breathing implements CountsRule {

    @Override
    public void examine(Occurrence done, Posing posing, Consumer<Finding> found) {
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
        return new Finding(
                        "two-breaths",
                        Severity.LOOK,
                        where,
                        "Two " + breath.phrase() + "s in a row",
                        "This count and the one before are both an " + breath.phrase()
                                + ". Let one of them be the other breath, or leave it free.",
                        "Nobody can breathe the same way twice without the other in between.")
                .at(Spot.BREATH);
    }

    private static Finding longOne(Where where, Breath breath, double beats, int limit) {
        return new Finding(
                        "long-breath",
                        Severity.LOOK,
                        where,
                        "A long " + breath.phrase(),
                        "The " + breath.phrase() + " lasts " + Numbers.plain(beats)
                                + " beats; the house rule is at most " + limit
                                + ". Give it fewer beats, or another breath in between.",
                        "A breath that is drawn out makes people hold it.")
                .at(Spot.BREATH);
    }

    private static Finding unsaid(Where where) {
        return new Finding(
                        "breath-unsaid",
                        Severity.NOTE,
                        where,
                        "Breath is not said",
                        "The house says the breath on every count; here it is left free.",
                        "Learners who are told the breath once wait for it.")
                .at(Spot.BREATH);
    }
}
