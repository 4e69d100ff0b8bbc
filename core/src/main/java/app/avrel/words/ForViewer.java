package app.avrel.words;

import app.avrel.body.Side;
import app.avrel.floor.FloorPoint;
import app.avrel.floor.FloorVector;
import app.avrel.floor.Heading;
import app.avrel.label.Labels;
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
                said.add(Labels.say("words.foot_on_goes", Labels.of(side), yours(after, side), toward(way.heading())));
            }
        }
        if (before.facing().degreesFrom(after.facing()) > TURNED) {
            said.add(Labels.say(
                    "words.body_turns_face",
                    facing(Heading.wrapping(after.facing().degrees()))));
        }
        if (said.isEmpty()) {
            return "";
        }
        String sentence = String.join("; ", said);
        return Labels.say("words.as_you_see", sentence);
    }

    /** On which hand of the viewer's a side of the performer is. */
    private String yours(Pose pose, Side side) {
        Heading out = Heading.wrapping(pose.facing().degrees() + 90 * side.sign());
        double right = Math.cos(Math.toRadians(out.degrees() - yourRight().degrees()));
        if (Math.abs(right) < 0.3) {
            return out.degreesFrom(from) < 90 ? Labels.say("words.near_side") : Labels.say("words.far_side");
        }
        return right > 0 ? Labels.say("words.your_right") : Labels.say("words.your_left");
    }

    private Heading yourRight() {
        return Heading.wrapping(from.degrees() - 90);
    }

    /** {@return a way in the viewer's words, such as {@code toward you} or {@code away, to your left}} */
    public String toward(Heading way) {
        return eighth(way, Labels.say("words.toward_you"), Labels.say("words.away_from_you"), Labels.say("words.your"));
    }

    private String facing(Heading way) {
        return eighth(way, Labels.say("words.you"), Labels.say("words.away_from_you"), Labels.say("words.your_2"));
    }

    private String eighth(Heading way, String near, String far, String aside) {
        int eighth = (int) Math.round(from.turnTo(way).degrees() / 45);
        return switch (eighth) {
            case 0 -> near;
            case 1 -> Labels.say("words.left", near, aside);
            case 2 -> Labels.say("words.left_2", aside);
            case 3 -> Labels.say("words.left", far, aside);
            case -1 -> Labels.say("words.right", near, aside);
            case -2 -> Labels.say("words.right_2", aside);
            case -3 -> Labels.say("words.right", far, aside);
            default -> far;
        };
    }
}
