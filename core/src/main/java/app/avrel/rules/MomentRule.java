package app.avrel.rules;

import app.avrel.form.Moment;
import app.avrel.house.HouseRules;
import java.util.function.Consumer;

/** A rule that looks at one stage at a time. */
interface MomentRule {

    /** Looks at a moment and tells what it finds. */
    void examine(Moment moment, HouseRules rules, Where where, Consumer<Finding> found);
}
