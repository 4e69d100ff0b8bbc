package app.avrel.words;

import app.avrel.body.Body;
import app.avrel.body.Side;
import app.avrel.floor.Numbers;
import app.avrel.label.Labels;
import app.avrel.mechanics.HeldLeg;
import app.avrel.mechanics.HipTwist;
import app.avrel.mechanics.Leg;
import app.avrel.mechanics.Margins;
import app.avrel.mechanics.SideShare;
import app.avrel.mechanics.Spacing;
import app.avrel.mechanics.Stand;
import app.avrel.motion.Pose;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;

/** What can be measured of a pose, in words: whole centimetres, degrees and per cent, tenths of a fist. */
public final class PoseFigures {

    private PoseFigures() {}

    /** {@return figures by what they are, in a fixed order} */
    public static Map<String, String> of(Pose pose, Body body) {
        Map<String, String> figures = new LinkedHashMap<>();
        Spacing spacing = Spacing.of(pose);
        Stand stand = Stand.of(pose);
        figures.put(
                Labels.say("words.weight"),
                Labels.say(
                        "rules.left_right",
                        Numbers.whole(pose.weight().middle(Side.LEFT)),
                        Numbers.whole(pose.weight().middle(Side.RIGHT))));
        sideways(pose, body).ifPresent(words -> figures.put(Labels.say("words.across"), words));
        figures.put(Labels.say("words.pelvis_down"), fists(pose.drop().value() / body.fist()));
        figures.put(Labels.say("words.length"), cm(spacing.length()));
        figures.put(Labels.say("words.width"), cm(spacing.width()));
        figures.put(Labels.say("words.trunk_inclined"), pose.lean().degrees() + "°");
        for (Side side : Side.values()) {
            leg(figures, pose, stand, side, body);
        }
        if (!(stand.left().lifted() && stand.right().lifted())) {
            Margins margins = Margins.of(stand, body);
            figures.put(Labels.say("words.nearest_edge"), cm(margins.distances().get(margins.weakest())));
        }
        return figures;
    }

    /**
     * {@return how far across the centre of mass is, as a share of the way between the feet, and how far it can be with
     * the weight shared as it is: {@code sideways 47 left (38 to 61 possible)}. Empty on one leg and on one line}
     */
    public static Optional<String> sideways(Pose pose, Body body) {
        Stand stand = Stand.of(pose);
        SideShare share = new SideShare(stand, body);
        OptionalDouble across =
                share.share(stand.centreOfMass(body), stand.facing().right());
        if (across.isEmpty()) {
            return Optional.empty();
        }
        String range = share.possible()
                .map(possible -> Labels.say(
                        "words.possible",
                        percent(Math.max(0, possible.least())),
                        percent(Math.min(1, possible.most()))))
                .orElse("");
        return Optional.of(Labels.say("words.sideways_left", percent(across.getAsDouble()), range));
    }

    private static String percent(double share) {
        return Numbers.whole(share * 100);
    }

    private static void leg(Map<String, String> figures, Pose pose, Stand stand, Side side, Body body) {
        String name = Labels.of(side);
        if (pose.foot(side).lifted()) {
            figures.put(Labels.capital(Labels.say("words.foot", name)), Labels.say("words.air"));
            return;
        }
        Leg leg = HeldLeg.of(pose, stand, side, body);
        HipTwist twist = HipTwist.of(side, pose.foot(side).heading().value(), pose.pelvis());
        figures.put(Labels.capital(Labels.say("words.knee_bent", name)), Numbers.whole(leg.bend()) + "°");
        figures.put(
                Labels.capital(Labels.say("rules.knee", name)),
                Labels.say(
                        "words.toes_2",
                        cm(Math.abs(leg.pastToe()))
                                + (leg.pastToe() > 0 ? Labels.say("words.past") : Labels.say("words.behind"))));
        figures.put(
                Labels.capital(Labels.say("words.foot_against_pelvis", name)),
                Numbers.whole(Math.abs(twist.turnout())) + "° "
                        + (twist.turnout() < 0 ? Labels.say("rules.in") : Labels.say("rules.out")));
    }

    private static String fists(double number) {
        String tenths = Numbers.plain(Numbers.tenths(number));
        return tenths + (tenths.equals("1") ? Labels.say("rules.fist") : Labels.say("rules.fists"));
    }

    private static String cm(double metres) {
        return Labels.say("rules.cm", Numbers.whole(metres * 100));
    }
}
