package app.avrel.desktop.postures;

import app.avrel.body.Side;
import app.avrel.posture.hand.HandAt;
import app.avrel.posture.hand.HandPath;
import app.avrel.posture.hand.HandPlace;
import app.avrel.posture.hand.HandPoint;
import app.avrel.posture.hand.HandShape;
import app.avrel.posture.hand.Palm;
import app.avrel.posture.hand.Pointing;
import app.avrel.posture.move.Move;
import app.avrel.words.HandText;
import app.avrel.words.Wording;
import java.util.List;

/** The fields of a hand's place. */
final class HandFields {

    private final Move.PlaceHand hand;
    private final HandPlace to;

    private HandFields(Move.PlaceHand hand) {
        this.hand = hand;
        this.to = hand.to();
    }

    static List<MoveField> of(Move.PlaceHand hand, Wording saying) {
        return new HandFields(hand).fields(saying);
    }

    private List<MoveField> fields(Wording saying) {
        return List.of(
                MoveFields.oneOf(
                        "Hand",
                        List.of("left", "right"),
                        hand.hand().ordinal(),
                        at -> new Move.PlaceHand(Side.values()[at], to, hand.path())),
                MoveFields.landmark("Height", to.height(), height -> placed(to.withHeight(height))),
                MoveFields.line(
                        "Sideways",
                        to.sideways()
                                .map(sideways -> HandText.say(sideways, saying))
                                .orElse(""),
                        "own side · centre line · across · toward 1:30",
                        MoveFields.unsaidOr(
                                text -> HandText.sideways(text, saying),
                                sideways -> placed(to.withSideways(sideways)))),
                MoveFields.line(
                        "Reach",
                        to.reach().map(HandText::say).orElse(""),
                        "close · rounded · extended · 75 %",
                        MoveFields.unsaidOr(HandText::reach, reach -> placed(to.withReach(reach)))),
                MoveFields.choice("Palm", Palm.values(), Palm::word, to.palm(), palm -> placed(to.withPalm(palm))),
                MoveFields.choice(
                        "Fingers", Pointing.values(), Pointing::word, to.fingers(), way -> placed(to.withFingers(way))),
                MoveFields.choice(
                        "Elbow", Pointing.values(), Pointing::word, to.elbow(), way -> placed(to.withElbow(way))),
                MoveFields.choice(
                        "Shape", HandShape.values(), HandShape::word, to.shape(), shape -> placed(to.withShape(shape))),
                MoveFields.choice(
                        "Measured at",
                        HandPoint.values(),
                        HandPoint::word,
                        to.point(),
                        point -> placed(to.withPoint(point))),
                MoveFields.choice("Against", HandAt.values(), HandAt::phrase, to.at(), at -> placed(to.withAt(at))),
                MoveFields.choice(
                        "Way",
                        HandPath.values(),
                        HandPath::phrase,
                        hand.path(),
                        path -> new Move.PlaceHand(hand.hand(), to, path)));
    }

    private Move placed(HandPlace place) {
        return new Move.PlaceHand(hand.hand(), place, hand.path());
    }
}
