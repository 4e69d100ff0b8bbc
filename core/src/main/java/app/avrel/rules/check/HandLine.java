package app.avrel.rules.check;

import app.avrel.body.Side;
import app.avrel.floor.SpacePoint;
import app.avrel.house.HouseRule;
import app.avrel.house.Stance;
import app.avrel.label.Labels;
import app.avrel.motion.HandSpot;
import app.avrel.rules.Finding;
import app.avrel.rules.Measures;
import app.avrel.rules.RuleId;
import app.avrel.rules.Severity;
import app.avrel.rules.Spot;
import java.util.function.Consumer;

/** The leading hand of a front-loaded stance off the centre line, where the house wants it there. */
final class HandLine implements MomentRule {

    private static final double NEAR = 0.08;

    @Override
    public void examine(Watched watched, Consumer<Finding> found) {
        boolean bow = watched.stance()
                .filter(stance -> stance == Stance.BOW || stance == Stance.ALL_ON_FRONT)
                .isPresent();
        if (watched.rule(HouseRule.HAND_LINE) == 0 || !bow) {
            return;
        }
        Side leading = leading(watched);
        double off = Math.abs(
                new HandSpot(watched.after(), watched.body()).of(leading).right());
        boolean moved = !watched.before().hand(leading).equals(watched.after().hand(leading));
        if (moved && off > NEAR) {
            found.accept(Finding.of(
                            RuleId.HAND_LINE,
                            Severity.LOOK,
                            watched.where(),
                            Labels.say("rules.hand_leads", Labels.of(leading), Measures.cm(off)))
                    .headed(Labels.capital(Labels.say("rules.hand_leaves_centre", Labels.of(leading))))
                    .at(Spot.hand(leading)));
        }
    }

    /** {@return the hand further ahead; the right one where they are alike} */
    static Side leading(Watched watched) {
        HandSpot spots = new HandSpot(watched.after(), watched.body());
        SpacePoint left = spots.of(Side.LEFT);
        SpacePoint right = spots.of(Side.RIGHT);
        return left.ahead() > right.ahead() + 0.01 ? Side.LEFT : Side.RIGHT;
    }
}
