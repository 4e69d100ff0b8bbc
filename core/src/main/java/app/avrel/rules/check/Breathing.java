package app.avrel.rules.check;

import app.avrel.floor.Numbers;
import app.avrel.form.Playing;
import app.avrel.house.HouseRule;
import app.avrel.house.HouseRules;
import app.avrel.label.Labels;
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

    private final int limit;
    private final boolean everywhere;
    private Breath last = Breath.FREE;
    private double beats;
    private boolean told;

    Breathing(HouseRules rules) {
        this.limit = rules.get(HouseRule.BREATH_BEATS);
        this.everywhere = rules.get(HouseRule.BREATH) == EVERY_COUNT;
    }

    @Override
    public void count(Step step, Consumer<Finding> found) {
        Count count = step.count();
        Breath breath = count.breath();
        if (breath.repeats(last)) {
            found.accept(step.found(RuleId.TWO_BREATHS, Severity.LOOK, twice(breath.begins()))
                    .headed(Labels.say("rules.two_s_row", breath(breath.begins())))
                    .at(Spot.BREATH));
        }
        lasting(step, breath, found);
        if (everywhere && breath == Breath.FREE) {
            found.accept(step.found(RuleId.BREATH_UNSAID, Severity.NOTE, Labels.say("rules.house_says_breath"))
                    .at(Spot.BREATH));
        }
        last = breath;
    }

    private void lasting(Step step, Breath breath, Consumer<Finding> found) {
        double lasts = Playing.measures(step.count()) / (breath.both() ? 2 : 1);
        boolean goesOn = breath.begins() != Breath.FREE && breath.begins() == last.ends();
        told &= goesOn;
        beats = breath.begins() == Breath.FREE ? 0 : (goesOn ? beats : 0) + lasts;
        if (beats > limit && !told) {
            told = true;
            found.accept(step.found(
                            RuleId.LONG_BREATH,
                            Severity.LOOK,
                            Labels.say("rules.lasts_beats", breath(breath.begins()), Numbers.plain(beats), limit))
                    .headed(Labels.say("rules.long", breath(breath.begins())))
                    .at(Spot.BREATH));
        }
        if (breath.both()) {
            beats = lasts;
            told = false;
        }
    }

    private static String breath(Breath breath) {
        return breath == Breath.IN ? Labels.say("rules.breath") : Labels.say("rules.out_breath");
    }

    private static String twice(Breath breath) {
        return Labels.say("rules.count_one_before", breath(breath));
    }
}
