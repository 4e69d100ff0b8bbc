package app.avrel.rules.check;

import app.avrel.body.Side;
import app.avrel.floor.Numbers;
import app.avrel.house.HouseRule;
import app.avrel.label.Labels;
import app.avrel.mechanics.HipTwist;
import app.avrel.mechanics.Stand;
import app.avrel.posture.move.Contact;
import app.avrel.rules.Finding;
import app.avrel.rules.RuleId;
import app.avrel.rules.Severity;
import app.avrel.rules.Spot;
import java.util.List;
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
        HipTwist.Range range =
                new HipTwist.Range(watched.rule(HouseRule.TOES_IN_RANGE), watched.rule(HouseRule.TOES_OUT_RANGE), 0);
        List<Side> twisted = watched.bearing(Watched.HELD).stream()
                .filter(side -> known(watched, side))
                .filter(side -> level(watched, side, range) > 0)
                .toList();
        if (twisted.size() == 2) {
            found.accept(both(watched, range));
        } else {
            twisted.forEach(side -> found.accept(one(watched, side, range)));
        }
    }

    private static boolean known(Watched watched, Side side) {
        return watched.after().hips().known()
                && watched.after().foot(side).heading().known()
                && watched.after().foot(side).contact() == Contact.FLAT;
    }

    private static HipTwist twist(Watched watched, Side side) {
        return HipTwist.of(
                side,
                watched.after().foot(side).heading().value(),
                watched.after().pelvis());
    }

    private static Severity severity(int level) {
        return switch (level) {
            case 1 -> Severity.NOTE;
            case 2 -> Severity.LOOK;
            default -> Severity.CAUTION;
        };
    }

    private static Finding one(Watched watched, Side side, HipTwist.Range range) {
        int level = level(watched, side, range);
        return Finding.of(RuleId.TWIST, severity(level), watched.where(), sentence(side, twist(watched, side), range))
                .headed(headline(side, level))
                .at(Spot.knee(side));
    }

    /** Both feet stayed behind when the body turned. */
    private static Finding both(Watched watched, HipTwist.Range range) {
        int level = Math.max(level(watched, Side.LEFT, range), level(watched, Side.RIGHT, range));
        double beyond = Math.max(
                Math.abs(twist(watched, Side.LEFT).excess(range)),
                Math.abs(twist(watched, Side.RIGHT).excess(range)));
        return Finding.of(
                        RuleId.TWIST,
                        severity(level),
                        watched.where(),
                        Labels.say("rules.feet_stayed_behind", Numbers.whole(beyond)))
                .headed(Labels.say("rules.both_knees_twisted"))
                .at(Spot.KNEES);
    }

    /** One milder for a foot that bears less than half, one stricter for a knee with no play in it. */
    private static int level(Watched watched, Side side, HipTwist.Range range) {
        HipTwist.Level level = twist(watched, side).level(range);
        if (level == HipTwist.Level.NONE) {
            return 0;
        }
        boolean half = watched.after().weight().least(side) >= HALF;
        boolean straight = watched.stand()
                .map((Stand stand) -> watched.leg(side).bend() < NEARLY_STRAIGHT)
                .orElse(false);
        int plain = switch (level) {
            case NONE -> 0;
            case NOTE -> 1;
            case CAUTION -> 2;
            case CHANGE_THE_FOOT -> 3;
        };
        return plain - (half ? 0 : 1) + (straight ? 1 : 0);
    }

    private static String headline(Side side, int level) {
        String knee = Labels.capital(Labels.say("rules.knee", Labels.of(side)));
        return level > Severity.values().length - 1
                ? Labels.say("rules.turn_foot_first", knee)
                : Labels.say("rules.twisted", knee);
    }

    private static String sentence(Side side, HipTwist twist, HipTwist.Range range) {
        boolean out = twist.turnout() > 0;
        String beyond = Numbers.whole(Math.abs(twist.excess(range)));
        return Labels.say(
                "rules.foot_points",
                Labels.of(side),
                Numbers.whole(Math.abs(twist.turnout())),
                out ? Labels.say("rules.out") : Labels.say("rules.in"),
                Numbers.whole(Math.abs(twist.given(range))),
                beyond,
                out ? Labels.say("rules.in") : Labels.say("rules.out"));
    }
}
