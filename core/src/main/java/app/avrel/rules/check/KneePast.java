package app.avrel.rules.check;

import app.avrel.body.Side;
import app.avrel.floor.Numbers;
import app.avrel.house.HouseRule;
import app.avrel.mechanics.Leg;
import app.avrel.mechanics.Stand;
import app.avrel.posture.move.Contact;
import app.avrel.rules.Finding;
import app.avrel.rules.Measures;
import app.avrel.rules.RuleId;
import app.avrel.rules.Severity;
import app.avrel.rules.Spot;
import java.util.function.Consumer;

/**
 * A loaded knee further past the base of the big toe than the house rules allow. Places of the knee are honest to ±4 cm,
 * so that most of that is let pass.
 */
final class KneePast implements MomentRule {

    /** Percent from which a leg is the one that bears. */
    private static final int MOSTLY = 50;

    /** Shares of stature: 3 and 7 cm for somebody of 170 cm. */
    private static final double LET_PASS = 0.0176;

    private static final double FAR = 0.041;

    @Override
    public void examine(Watched watched, Consumer<Finding> found) {
        if (!watched.standsAnew()) {
            return;
        }
        watched.stand().ifPresent(stand -> {
            for (Side side : watched.bearing(MOSTLY)) {
                if (watched.after().foot(side).contact() == Contact.FLAT) {
                    examine(watched, stand, side, found);
                }
            }
        });
    }

    private static void examine(Watched watched, Stand stand, Side side, Consumer<Finding> found) {
        Leg leg = watched.leg(side);
        double over = leg.pastBall() - limit(watched);
        if (over <= LET_PASS * watched.body().stature()) {
            return;
        }
        found.accept(Finding.of(
                        RuleId.KNEE_PAST,
                        over > FAR * watched.body().stature() ? Severity.CAUTION : Severity.LOOK,
                        watched.where(),
                        sentence(watched, stand, side, leg))
                .headed(Measures.capital(side.word()) + " knee goes too far")
                .at(Spot.knee(side)));
    }

    static double limit(Watched watched) {
        return watched.rule(HouseRule.KNEE_LIMIT) / 100.0 * watched.body().footLength();
    }

    private static String sentence(Watched watched, Stand stand, Side side, Leg leg) {
        int limit = watched.rule(HouseRule.KNEE_LIMIT);
        String where = leg.pastToe() > LET_PASS * watched.body().stature()
                ? Measures.cm(leg.pastToe()) + " past the tip of the toes"
                : Measures.cm(leg.pastBall()) + " past the base of the big toe";
        return "The " + side.word() + " knee is about " + where + ", with "
                + Numbers.whole(watched.after().weight().middle(side)) + " % on it and the pelvis "
                + Measures.fists(stand.drop(), watched.body()) + " down; the house rule is " + said(limit)
                + ". Shift less, stay higher, or sit back.";
    }

    /** {@return the limit in words; the tip of the toes is 28 % past the base of the big toe} */
    static String said(int limit) {
        return switch (limit) {
            case 0 -> "the base of the big toe";
            case 28 -> "the tip of the toes";
            case -47 -> "an upright shin";
            default ->
                limit > 0
                        ? limit + " % of a foot-length past the base of the big toe"
                        : -limit + " % of a foot-length behind the base of the big toe";
        };
    }
}
