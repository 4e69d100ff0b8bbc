package app.avrel.desktop.postures;

import app.avrel.body.Side;
import app.avrel.posture.HandPlace;
import app.avrel.posture.HandShape;
import app.avrel.posture.Move;
import app.avrel.posture.Palm;
import app.avrel.words.HandText;
import app.avrel.words.Saying;
import java.util.Arrays;
import java.util.List;
import java.util.function.Function;

/** The fields of a hand's place. */
final class HandFields {

    private HandFields() {}

    static List<MoveField> of(Move.PlaceHand hand, Saying saying) {
        HandPlace to = hand.to();
        Function<HandPlace, Move> change = place -> new Move.PlaceHand(hand.hand(), place);
        return List.of(
                MoveFields.oneOf(
                        "Hand",
                        List.of("left", "right"),
                        hand.hand().ordinal(),
                        at -> new Move.PlaceHand(Side.values()[at], to)),
                MoveFields.landmark(
                        "Height",
                        to.height(),
                        height ->
                                change.apply(new HandPlace(height, to.sideways(), to.reach(), to.palm(), to.shape()))),
                MoveFields.line(
                        "Sideways",
                        to.sideways()
                                .map(sideways -> HandText.say(sideways, saying))
                                .orElse(""),
                        "own side · centre line · across · toward 1:30",
                        MoveFields.unsaidOr(
                                text -> HandText.sideways(text, saying),
                                sideways -> change.apply(
                                        new HandPlace(to.height(), sideways, to.reach(), to.palm(), to.shape())))),
                MoveFields.line(
                        "Reach",
                        to.reach().map(HandText::say).orElse(""),
                        "close · rounded · extended · 75 %",
                        MoveFields.unsaidOr(
                                HandText::reach,
                                reach -> change.apply(
                                        new HandPlace(to.height(), to.sideways(), reach, to.palm(), to.shape())))),
                MoveFields.maybe(
                        "Palm",
                        Arrays.stream(Palm.values()).map(Palm::word).toList(),
                        to.palm().map(Palm::ordinal),
                        at -> change.apply(new HandPlace(
                                to.height(), to.sideways(), to.reach(), at.map(i -> Palm.values()[i]), to.shape()))),
                MoveFields.maybe(
                        "Shape",
                        Arrays.stream(HandShape.values()).map(HandShape::word).toList(),
                        to.shape().map(HandShape::ordinal),
                        at -> change.apply(new HandPlace(
                                to.height(),
                                to.sideways(),
                                to.reach(),
                                to.palm(),
                                at.map(i -> HandShape.values()[i])))));
    }
}
