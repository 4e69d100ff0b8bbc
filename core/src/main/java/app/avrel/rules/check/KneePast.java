package app.avrel.rules.check;

import app.avrel.body.Side;
import app.avrel.floor.Numbers;
import app.avrel.house.HouseRule;
import app.avrel.label.Labels;
import app.avrel.mechanics.Leg;
import app.avrel.mechanics.Spacing;
import app.avrel.mechanics.Stand;
import app.avrel.posture.move.Contact;
import app.avrel.rules.Finding;
import app.avrel.rules.Measures;
import app.avrel.rules.RuleId;
import app.avrel.rules.Severity;
import app.avrel.rules.Spot;
import java.util.List;
import java.util.function.Consumer;

/**
 * A loaded knee further past the base of the big toe than the house rules allow.
 *
 * <p>Places of the knee are honest to ±4 cm; sitting on one leg, in an empty step or in a squat the model's knee lies 2 cm
 * too far ahead, and deeper than two and a half fists 6 cm. Only what is beyond that is found.
 */
final class KneePast implements MomentRule {

    /** Percent from which a leg is the one that bears. */
    private static final int MOSTLY = 50;

    /** Metres for somebody of 170 cm. */
    private static final double DOUBT = 0.04;

    private static final double BIAS_SITTING = 0.02;
    private static final double BIAS_DEEP = 0.06;
    private static final double FAR = 0.04;
    private static final double DEEP_FISTS = 2.5;
    private static final double STATURE = 1.7;

    @Override
    public boolean ofStances() {
        return true;
    }

    @Override
    public void examine(Watched watched, Consumer<Finding> found) {
        if (!watched.standsAnew()) {
            return;
        }
        watched.stand().ifPresent(stand -> {
            List<Side> past = watched.bearing(MOSTLY).stream()
                    .filter(side -> watched.after().foot(side).contact() == Contact.FLAT)
                    .filter(side -> !lightRear(watched, side))
                    .filter(side -> over(watched, stand, side) > 0)
                    .toList();
            if (past.size() == 2) {
                found.accept(both(watched, stand));
            } else {
                past.forEach(side -> found.accept(one(watched, stand, side)));
            }
        });
    }

    /** The rear leg of a stance with one foot ahead is judged where it bears more than the front one. */
    private static boolean lightRear(Watched watched, Side side) {
        Spacing spacing = Spacing.of(watched.after());
        boolean ahead = spacing.length() > watched.body().footLength() / 2;
        return ahead && spacing.front() != side && watched.after().weight().least(side) <= MOSTLY;
    }

    /** Metres beyond the limit and all doubt. */
    private static double over(Watched watched, Stand stand, Side side) {
        return watched.leg(side).pastBall() - limit(watched) - doubt(watched, stand, side);
    }

    private static double doubt(Watched watched, Stand stand, Side side) {
        boolean deep = watched.fists(stand.drop()) > DEEP_FISTS;
        Spacing spacing = Spacing.of(watched.after());
        boolean bow = spacing.length() > watched.body().footLength() / 2
                && spacing.front() == side
                && watched.after().weight().least(side) < 95;
        double metres = DOUBT + (deep ? BIAS_DEEP : bow ? 0 : BIAS_SITTING);
        return metres / STATURE * watched.body().stature();
    }

    private static Severity severity(Watched watched, Stand stand, Side side) {
        return over(watched, stand, side) > FAR / STATURE * watched.body().stature() ? Severity.CAUTION : Severity.LOOK;
    }

    private static Finding one(Watched watched, Stand stand, Side side) {
        return Finding.of(
                        RuleId.KNEE_PAST,
                        severity(watched, stand, side),
                        watched.where(),
                        sentence(watched, stand, side, watched.leg(side)))
                .headed(Labels.capital(Labels.say("rules.knee_goes_too", Labels.of(side))))
                .at(Spot.knee(side));
    }

    private static Finding both(Watched watched, Stand stand) {
        double past = Math.max(
                watched.leg(Side.LEFT).pastToe(), watched.leg(Side.RIGHT).pastToe());
        return Finding.of(
                        RuleId.KNEE_PAST,
                        severity(watched, stand, Side.LEFT),
                        watched.where(),
                        Labels.say(
                                "rules.both_knees_about",
                                Measures.cm(past),
                                Measures.fists(stand.drop(), watched.body()),
                                said(watched.rule(HouseRule.KNEE_LIMIT))))
                .headed(Labels.say("rules.both_knees_go"))
                .at(Spot.KNEES);
    }

    static double limit(Watched watched) {
        return watched.rule(HouseRule.KNEE_LIMIT) / 100.0 * watched.body().footLength();
    }

    private static String sentence(Watched watched, Stand stand, Side side, Leg leg) {
        int limit = watched.rule(HouseRule.KNEE_LIMIT);
        String where = leg.pastToe() > 0.01
                ? Labels.say("rules.past_tip", Measures.cm(leg.pastToe()))
                : Labels.say("rules.past_base", Measures.cm(leg.pastBall()));
        return Labels.say(
                "rules.knee_about_2",
                Labels.of(side),
                where,
                Numbers.whole(watched.after().weight().middle(side)),
                Measures.fists(stand.drop(), watched.body()),
                said(limit));
    }

    /** {@return the limit in words; the tip of the toes is 28 % past the base of the big toe} */
    static String said(int limit) {
        return switch (limit) {
            case 0 -> Labels.say("rules.base_big_toe");
            case 28 -> Labels.say("rules.tip_toes");
            case -47 -> Labels.say("rules.upright_shin");
            default ->
                limit > 0
                        ? Labels.say("rules.foot_length_past", limit)
                        : Labels.say("rules.foot_length_behind", -limit);
        };
    }
}
