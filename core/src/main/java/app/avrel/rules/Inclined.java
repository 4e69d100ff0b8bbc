package app.avrel.rules;

import app.avrel.house.HouseRule;
import java.util.function.Consumer;

/** A trunk inclined further than the house rules allow. */
final class Inclined implements MomentRule {

    @Override
    public void examine(Watched watched, Consumer<Finding> found) {
        int limit = watched.rule(HouseRule.INCLINE_LIMIT);
        int now = watched.after().lean().degrees();
        if (now > limit && now > watched.before().lean().degrees()) {
            found.accept(new Finding(
                            "incline",
                            Severity.CAUTION,
                            watched.where(),
                            "Trunk inclines too far",
                            "The trunk inclines " + now + "°; the house rule is at most " + limit
                                    + "°. Incline less, or bend the knees instead.",
                            "A back that hangs forward carries its own weight and all that the arms do.")
                    .at(Spot.TRUNK));
        }
    }
}
