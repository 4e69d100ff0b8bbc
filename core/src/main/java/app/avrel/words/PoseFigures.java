package app.avrel.words;

import app.avrel.body.Body;
import app.avrel.body.Side;
import app.avrel.floor.Numbers;
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
                "Weight",
                Numbers.whole(pose.weight().middle(Side.LEFT)) + " left / "
                        + Numbers.whole(pose.weight().middle(Side.RIGHT)) + " right");
        sideways(pose, body).ifPresent(words -> figures.put("Across", words));
        figures.put("Pelvis down", fists(pose.drop().value() / body.fist()));
        figures.put("Length", cm(spacing.length()));
        figures.put("Width", cm(spacing.width()));
        figures.put("Trunk inclined", pose.lean().degrees() + "°");
        for (Side side : Side.values()) {
            leg(figures, pose, stand, side, body);
        }
        if (!(stand.left().lifted() && stand.right().lifted())) {
            Margins margins = Margins.of(stand, body);
            figures.put("Nearest edge", cm(margins.distances().get(margins.weakest())));
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
                .map(possible -> " (" + percent(Math.max(0, possible.least())) + " to "
                        + percent(Math.min(1, possible.most())) + " possible)")
                .orElse("");
        return Optional.of("sideways " + percent(across.getAsDouble()) + " left" + range);
    }

    private static String percent(double share) {
        return Numbers.whole(share * 100);
    }

    private static void leg(Map<String, String> figures, Pose pose, Stand stand, Side side, Body body) {
        String name = Character.toUpperCase(side.word().charAt(0)) + side.word().substring(1);
        if (pose.foot(side).lifted()) {
            figures.put(name + " foot", "in the air");
            return;
        }
        Leg leg = HeldLeg.of(pose, stand, side, body);
        HipTwist twist = HipTwist.of(side, pose.foot(side).heading().value(), pose.pelvis());
        figures.put(name + " knee bent", Numbers.whole(leg.bend()) + "°");
        figures.put(
                name + " knee", cm(Math.abs(leg.pastToe())) + (leg.pastToe() > 0 ? " past" : " behind") + " the toes");
        figures.put(
                name + " foot against the pelvis",
                Numbers.whole(Math.abs(twist.turnout())) + "° " + (twist.turnout() < 0 ? "in" : "out"));
    }

    private static String fists(double number) {
        String tenths = Numbers.plain(Numbers.tenths(number));
        return tenths + (tenths.equals("1") ? " fist" : " fists");
    }

    private static String cm(double metres) {
        return Numbers.whole(metres * 100) + " cm";
    }
}
