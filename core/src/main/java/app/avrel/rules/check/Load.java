package app.avrel.rules.check;

import app.avrel.body.Side;
import app.avrel.body.WeightShare;
import app.avrel.form.Moment;
import app.avrel.label.Labels;
import app.avrel.posture.move.Move;
import java.util.Optional;

/**
 * What a foot bears when it moves, as far as is known.
 *
 * @param least percent at least
 * @param most percent at most
 */
record Load(int least, int most) {

    /**
     * {@return the load by which a foot's move is judged}
     *
     * <p>That is the load with which the stage begins; where a shift stands in the same stage, the lesser of the loads
     * before and after it, for the foot may wait.
     */
    static Load of(Moment moment, Side foot) {
        WeightShare before = moment.before().weight();
        boolean shifts = moment.stage().moves().stream().anyMatch(Move.Shift.class::isInstance);
        WeightShare after = shifts ? moment.after().weight() : before;
        return new Load(Math.min(before.least(foot), after.least(foot)), Math.min(before.most(foot), after.most(foot)));
    }

    /** {@return how the load is over a limit: "bears 50 %" or "may bear up to 40 %"; empty where it is not} */
    Optional<String> over(int limit) {
        if (least > limit) {
            return Optional.of(Labels.say("rules.bears", least == most ? "" : Labels.say("rules.at_least"), least));
        }
        boolean guessed = least == 0 && most == 100;
        return most > limit && !guessed ? Optional.of(Labels.say("rules.may_bear_up", most)) : Optional.empty();
    }
}
