package app.avrel.rules.check;

import app.avrel.body.Side;
import app.avrel.floor.Numbers;
import app.avrel.house.HouseRule;
import app.avrel.mechanics.HipTwist;
import app.avrel.mechanics.Stand;
import app.avrel.posture.move.Contact;
import app.avrel.rules.Finding;
import app.avrel.rules.Measures;
import app.avrel.rules.RuleId;
import app.avrel.rules.Severity;
import app.avrel.rules.Spot;
import java.util.function.Consumer;

/**
 * A pelvis turned further over a loaded foot than the hip gives: the rest goes into the knee. Ranges differ by ±10°
 * between people.
 */
final class Twist implements MomentRule {

    private static final int HALF = 50;
    private static final double NEARLY_STRAIGHT = 15;

    @Override
    public void examine(Watched watched, Consumer<Finding> found) {
        if (!watched.standsAnew()) {
            return;
        }
        for (Side side : watched.bearing(Watched.HELD)) {
            boolean known = watched.after().hips().known()
                    && watched.after().foot(side).heading().known();
            boolean flat = watched.after().foot(side).contact() == Contact.FLAT;
            if (known && flat) {
                examine(watched, side, found);
            }
        }
    }

    private static void examine(Watched watched, Side side, Consumer<Finding> found) {
        HipTwist twist = HipTwist.of(
                side,
                watched.after().foot(side).heading().value(),
                watched.after().pelvis());
        HipTwist.Range range =
                new HipTwist.Range(watched.rule(HouseRule.TOES_IN_RANGE), watched.rule(HouseRule.TOES_OUT_RANGE), 0);
        int level = level(watched, side, twist.level(range));
        if (level > 0) {
            Severity severity = Severity.values()[Math.min(level, Severity.values().length) - 1];
            found.accept(Finding.of(RuleId.TWIST, severity, watched.where(), sentence(side, twist, range))
                    .headed(headline(side, level))
                    .at(Spot.knee(side)));
        }
    }

    /** One milder for a foot that bears less than half, one stricter for a knee with no play in it. */
    private static int level(Watched watched, Side side, HipTwist.Level level) {
        if (level == HipTwist.Level.NONE) {
            return 0;
        }
        boolean half = watched.after().weight().least(side) >= HALF;
        boolean straight = watched.stand()
                .map((Stand stand) -> watched.leg(side).bend() < NEARLY_STRAIGHT)
                .orElse(false);
        return level.ordinal() - (half ? 0 : 1) + (straight ? 1 : 0);
    }

    private static String headline(Side side, int level) {
        String knee = Measures.capital(side.word()) + " knee";
        return level > Severity.values().length - 1 ? knee + ": turn the foot first" : knee + " is twisted";
    }

    private static String sentence(Side side, HipTwist twist, HipTwist.Range range) {
        boolean out = twist.turnout() > 0;
        String beyond = Numbers.whole(Math.abs(twist.excess(range)));
        return "The " + side.word() + " foot points " + Numbers.whole(Math.abs(twist.turnout())) + "° "
                + (out ? "out" : "in") + " against the pelvis; a hip gives about "
                + Numbers.whole(Math.abs(twist.given(range))) + "°, so that " + beyond
                + "° would go into the knee. Turn the " + side.word() + " toes " + (out ? "in" : "out") + " by "
                + beyond + "° before, with the weight off them, or turn the body less.";
    }
}
