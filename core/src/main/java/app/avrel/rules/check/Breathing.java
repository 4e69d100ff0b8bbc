package app.avrel.rules.check;

import app.avrel.floor.Numbers;
import app.avrel.form.Playing;
import app.avrel.house.HouseRule;
import app.avrel.house.HouseRules;
import app.avrel.posture.count.Breath;
import app.avrel.posture.count.Count;
import app.avrel.rules.Finding;
import app.avrel.rules.RuleId;
import app.avrel.rules.Severity;
import app.avrel.rules.Spot;
import java.util.function.Consumer;

/**
 * The breath as a line, over counts, ways in and joins: it alternates, one breath lasts no longer than the house has it, and
 * it is said where the house says it.
 */
final class Breathing implements LineRule {

    private static final int EVERY_COUNT = 1;

    private final HouseRules rules;
    private Breath last = Breath.FREE;
    private double beats;
    private boolean told;

    Breathing(HouseRules rules) {
        this.rules = rules;
    }

    @Override
    public void count(Step step, Consumer<Finding> found) {
        Count count = step.count();
        Breath breath = count.breath();
        if (breath.repeats(last)) {
            found.accept(step.found(RuleId.TWO_BREATHS, Severity.LOOK, twice(breath.begins()))
                    .headed("Two " + breath(breath.begins()) + "s in a row")
                    .at(Spot.BREATH));
        }
        lasting(step, breath, found);
        if (breath == Breath.FREE && rules.get(HouseRule.BREATH) == EVERY_COUNT) {
            found.accept(step.found(
                            RuleId.BREATH_UNSAID,
                            Severity.NOTE,
                            "The house says the breath on every count; here it is left free.")
                    .at(Spot.BREATH));
        }
        last = breath;
    }

    private void lasting(Step step, Breath breath, Consumer<Finding> found) {
        int limit = rules.get(HouseRule.BREATH_BEATS);
        double lasts = Playing.measures(step.count()) / (breath.both() ? 2 : 1);
        boolean goesOn = breath.begins() != Breath.FREE && breath.begins() == last.ends();
        told &= goesOn;
        beats = breath.begins() == Breath.FREE ? 0 : (goesOn ? beats : 0) + lasts;
        if (beats > limit && !told) {
            told = true;
            found.accept(step.found(
                            RuleId.LONG_BREATH,
                            Severity.LOOK,
                            "The " + breath(breath.begins()) + " lasts " + Numbers.plain(beats)
                                    + " beats; the house rule is at most " + limit
                                    + ". Give it fewer beats, or another breath in between.")
                    .headed("A long " + breath(breath.begins()))
                    .at(Spot.BREATH));
        }
        if (breath.both()) {
            beats = lasts;
            told = false;
        }
    }

    private static String breath(Breath breath) {
        return breath == Breath.IN ? "in-breath" : "out-breath";
    }

    private static String twice(Breath breath) {
        return "This count and the one before both begin an " + breath(breath)
                + ". Let one of them be the other breath, leave it free, or say that it is still the same breath.";
    }
}
