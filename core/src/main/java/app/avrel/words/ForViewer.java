package app.avrel.words;

import app.avrel.body.Side;
import app.avrel.floor.FloorPoint;
import app.avrel.floor.FloorVector;
import app.avrel.floor.Heading;
import app.avrel.motion.Pose;
import java.util.ArrayList;
import java.util.List;

/**
 * What happens in a count as someone sees it who stands in a given direction: toward you, to your left.
 *
 * @param from the heading of the hall in which the viewer stands, seen from the performer
 */
public record ForViewer(Heading from) {

    private static final double NOTICED = 0.05;
    private static final double TURNED = 10;

    /** {@return a sentence, or nothing where no foot and no facing changes} */
    public String say(Pose before, Pose after) {
        List<String> said = new ArrayList<>();
        for (Side side : Side.values()) {
            FloorPoint was = before.foot(side).heel().value();
            FloorVector way = after.foot(side).heel().value().minus(was);
            if (way.length() > NOTICED) {
                said.add("the " + side.word() + " foot, on " + yours(after, side) + ", goes " + toward(way.heading()));
            }
        }
        if (before.facing().degreesFrom(after.facing()) > TURNED) {
            said.add("the body turns to face "
                    + facing(Heading.wrapping(after.facing().degrees())));
        }
        if (said.isEmpty()) {
            return "";
        }
        String sentence = String.join("; ", said);
        return "As you see it: " + sentence + ".";
    }

    /** On which hand of the viewer's a side of the performer is. */
    private String yours(Pose pose, Side side) {
        Heading out = Heading.wrapping(pose.facing().degrees() + 90 * side.sign());
        double right = Math.cos(Math.toRadians(out.degrees() - yourRight().degrees()));
        if (Math.abs(right) < 0.3) {
            return out.degreesFrom(from) < 90 ? "the near side" : "the far side";
        }
        return right > 0 ? "your right" : "your left";
    }

    private Heading yourRight() {
        return Heading.wrapping(from.degrees() - 90);
    }

    /** {@return a way in the viewer's words, such as {@code toward you} or {@code away, to your left}} */
    public String toward(Heading way) {
        return eighth(way, "toward you", "away from you", "to your ");
    }

    private String facing(Heading way) {
        return eighth(way, "you", "away from you", "your ");
    }

    private String eighth(Heading way, String near, String far, String aside) {
        int eighth = (int) Math.round(from.turnTo(way).degrees() / 45);
        return switch (eighth) {
            case 0 -> near;
            case 1 -> near + " and " + aside + "left";
            case 2 -> aside + "left";
            case 3 -> far + " and " + aside + "left";
            case -1 -> near + " and " + aside + "right";
            case -2 -> aside + "right";
            case -3 -> far + " and " + aside + "right";
            default -> far;
        };
    }
}
