package app.avrel.rules.check;

import app.avrel.body.Side;
import app.avrel.floor.FloorPoint;
import app.avrel.floor.Numbers;
import app.avrel.house.HouseRule;
import app.avrel.label.Labels;
import app.avrel.mechanics.Margins;
import app.avrel.mechanics.Stand;
import app.avrel.mechanics.Support;
import app.avrel.posture.move.Contact;
import app.avrel.rules.Finding;
import app.avrel.rules.Measures;
import app.avrel.rules.RuleId;
import app.avrel.rules.Severity;
import app.avrel.rules.Spot;
import java.util.List;
import java.util.function.Consumer;

/** Weight on a foot in the air, and a centre of mass outside what bears it or too near to its edge (±1.5 cm). */
final class Balance implements MomentRule {

    private static final List<String> EIGHTHS = List.of(
            "rules.ahead",
            "rules.ahead_right",
            "rules.right",
            "rules.behind_right",
            "rules.behind",
            "rules.behind_left",
            "rules.left",
            "rules.ahead_left");

    @Override
    public void examine(Watched watched, Consumer<Finding> found) {
        if (!watched.standsAnew()) {
            return;
        }
        boolean impossible = false;
        for (Side side : Side.values()) {
            int bears = watched.after().weight().least(side);
            if (watched.after().foot(side).lifted() && bears > 0) {
                inTheAir(watched, side, bears, found);
                impossible = true;
            }
        }
        if (!impossible) {
            watched.stand().ifPresent(stand -> support(watched, stand, found));
        }
    }

    private static void inTheAir(Watched watched, Side side, int bears, Consumer<Finding> found) {
        found.accept(Finding.of(
                        RuleId.IMPOSSIBLE_SHARE,
                        Severity.CAUTION,
                        watched.where(),
                        Labels.say("rules.foot_off", Labels.of(side), bears, Labels.of(side.other())))
                .at(Spot.foot(side)));
    }

    /**
     * How far inside the support the centre of mass is at least, as a share of stature: it lies between the pressure points
     * of the feet that bear something, and each of those is so far inside its own outline; less than it is, so that nothing
     * is passed over.
     */
    private static double surely(Stand stand) {
        double left = stand.shareLeft() > 0 ? within(stand.left().contact()) : Double.POSITIVE_INFINITY;
        double right = stand.shareLeft() < 1 ? within(stand.right().contact()) : Double.POSITIVE_INFINITY;
        return Math.min(left, right);
    }

    private static double within(Contact contact) {
        return switch (contact) {
            case FLAT -> 0.022;
            case HEEL -> 0.0115;
            case BALL -> 0.0085;
            case LIFTED -> 0;
        };
    }

    private static void support(Watched watched, Stand stand, Consumer<Finding> found) {
        if (stand.left().lifted() && stand.right().lifted()) {
            return;
        }
        double limit = watched.rule(HouseRule.BALANCE_MARGIN) / 1000.0;
        if (surely(stand) * watched.body().stature() >= limit) {
            return;
        }
        Support support = Support.of(stand, watched.body());
        FloorPoint centre = stand.centreOfMass(watched.body());
        if (support.inside(centre) >= limit) {
            return;
        }
        Margins margins = Margins.of(support, centre, stand.facing(), 1);
        double least = margins.distances().get(margins.weakest());
        if (least < limit) {
            String toward = Labels.say(EIGHTHS.get(margins.weakest()));
            found.accept(Finding.of(
                            least < 0 ? RuleId.OUTSIDE_SUPPORT : RuleId.NEAR_EDGE,
                            least < 0 ? Severity.CAUTION : Severity.LOOK,
                            watched.where(),
                            least < 0
                                    ? Labels.say("rules.centre_mass_outside", Measures.cm(least), toward)
                                    : Labels.say(
                                            "rules.centre_mass_only",
                                            Numbers.plain(Math.round(least * 1000) / 10.0),
                                            toward,
                                            Numbers.plain(limit * 100)))
                    .headed(least < 0 ? Labels.say("rules.out_balance") : Labels.say("rules.balance_thin"))
                    .at(Spot.BALANCE));
        }
    }
}
