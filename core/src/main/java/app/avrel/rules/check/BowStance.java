package app.avrel.rules.check;

import app.avrel.body.Body;
import app.avrel.body.Side;
import app.avrel.floor.Numbers;
import app.avrel.house.HouseRule;
import app.avrel.house.Stance;
import app.avrel.label.Labels;
import app.avrel.mechanics.Bow;
import app.avrel.mechanics.Spacing;
import app.avrel.motion.Pose;
import app.avrel.posture.move.Contact;
import app.avrel.rules.Finding;
import app.avrel.rules.Measures;
import app.avrel.rules.RuleId;
import app.avrel.rules.Severity;
import app.avrel.rules.Spot;
import java.util.Optional;
import java.util.function.Consumer;

/**
 * A front-loaded stance that is too narrow or wide, too short or long, or whose rear foot is not as the house has it;
 * with the range that fits this body. Lengths are honest to -4 and +8 cm.
 */
final class BowStance implements MomentRule {

    private static final double AHEAD = 0.5;
    private static final int MORE = 55;
    private static final double CROSSED = -0.1;

    /** What is held against a bound. */
    private record Size(String less, String more, HouseRule least, HouseRule most, double unit, double metres) {}

    @Override
    public boolean ofStances() {
        return true;
    }

    @Override
    public void examine(Watched watched, Consumer<Finding> found) {
        Pose after = watched.after();
        if (!watched.standsAnew() || !Watched.known(after) || !loaded(watched)) {
            return;
        }
        Body body = watched.body();
        Spacing spacing = Spacing.of(after);
        size(
                watched,
                new Size(
                        Labels.say("rules.too_short"),
                        Labels.say("rules.too_long"),
                        HouseRule.BOW_LENGTH_LEAST,
                        HouseRule.BOW_LENGTH_MOST,
                        body.footLength(),
                        spacing.length()),
                RuleId.STANCE_LENGTH,
                fitting(watched, spacing),
                found);
        size(
                watched,
                new Size(
                        Labels.say("rules.too_narrow"),
                        Labels.say("rules.too_wide"),
                        HouseRule.BOW_WIDTH_LEAST,
                        HouseRule.BOW_WIDTH_MOST,
                        body.shoulderWidth(),
                        spacing.width()),
                RuleId.STANCE_WIDTH,
                "",
                spacing.width() < -body.fist() ? _ -> {} : found);
        rearFoot(watched, spacing, found);
    }

    static boolean loaded(Watched watched) {
        Pose after = watched.after();
        if (watched.stance().isPresent()) {
            Stance stance = watched.stance().get();
            return stance == Stance.BOW || stance == Stance.ALL_ON_FRONT;
        }
        Spacing spacing = Spacing.of(after);
        if (spacing.width() < CROSSED * watched.body().shoulderWidth()) {
            return false;
        }
        Side front = spacing.front();
        boolean down = after.foot(front).contact() == Contact.FLAT
                && !after.foot(front.other()).lifted()
                && after.foot(front.other()).contact() != Contact.HEEL;
        return down
                && spacing.length() >= AHEAD * watched.body().footLength()
                && after.weight().least(front) >= MORE;
    }

    private static void size(Watched watched, Size size, RuleId rule, String fits, Consumer<Finding> found) {
        double least = watched.rule(size.least()) / 100.0 * size.unit();
        double most = watched.rule(size.most()) / 100.0 * size.unit();
        boolean under = size.metres() < least - LET_PASS;
        if (!under && size.metres() <= most + LET_PASS) {
            return;
        }
        String how = under ? size.less() : size.more();
        String now = size.metres() < 0.005 && size.metres() > -0.005
                ? Labels.say("rules.on_one_line")
                : size.metres() < 0
                        ? Labels.say("rules.crossed_by", Measures.cm(size.metres()))
                        : Labels.say("rules.apart", Measures.cm(size.metres()));
        found.accept(Finding.of(
                        rule,
                        Severity.LOOK,
                        watched.where(),
                        Labels.say(
                                "rules.heels",
                                now,
                                rule == RuleId.STANCE_WIDTH ? Labels.say("rules.across") : Labels.say("rules.along"),
                                how,
                                Measures.cm(least),
                                Measures.cm(most),
                                fits))
                .headed(Labels.say("rules.stance", how))
                .at(Spot.FEET));
    }

    private static final double LET_PASS = 0.02;

    /** The lengths that both legs reach at this depth, width and share. */
    private static String fitting(Watched watched, Spacing spacing) {
        Pose after = watched.after();
        Side front = spacing.front();
        double out = Math.abs(after.facing()
                .turnTo(after.foot(front.other()).heading().value())
                .degrees());
        Optional<Bow.Lengths> lengths = Bow.flat(spacing.width(), out)
                .lengths(after.weight().middle(front) / 100, after.drop().value(), watched.body());
        return lengths.filter(found -> found.longest() > 0)
                .map(found -> Labels.say(
                        "rules.at_depth_share",
                        Measures.cm(Math.max(0, found.shortest())),
                        Measures.cm(found.longest())))
                .orElse("");
    }

    private static void rearFoot(Watched watched, Spacing spacing, Consumer<Finding> found) {
        Pose after = watched.after();
        Side rear = spacing.front().other();
        double out = rear.sign()
                * after.facing().turnTo(after.foot(rear).heading().value()).degrees();
        int wanted = watched.rule(HouseRule.REAR_FOOT_ANGLE);
        boolean flat = after.foot(rear).contact() == Contact.FLAT;
        if (flat && Math.abs(out - wanted) > watched.rule(HouseRule.REAR_FOOT_TOLERANCE) + 1e-9) {
            found.accept(Finding.of(
                            RuleId.REAR_FOOT,
                            Severity.NOTE,
                            watched.where(),
                            Labels.say(
                                    "rules.foot_behind_turned",
                                    Labels.of(rear),
                                    Numbers.whole(Math.abs(out)),
                                    out < 0 ? Labels.say("rules.in") : Labels.say("rules.out"),
                                    wanted))
                    .at(Spot.foot(rear)));
        }
    }
}
