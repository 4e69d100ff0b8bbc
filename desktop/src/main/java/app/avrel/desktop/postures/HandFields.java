package app.avrel.desktop.postures;

import app.avrel.body.Side;
import app.avrel.desktop.words.Words;
import app.avrel.posture.hand.HandAt;
import app.avrel.posture.hand.HandPath;
import app.avrel.posture.hand.HandPlace;
import app.avrel.posture.hand.HandPoint;
import app.avrel.posture.hand.HandShape;
import app.avrel.posture.hand.Palm;
import app.avrel.posture.hand.Pointing;
import app.avrel.posture.move.Move;
import app.avrel.words.reading.FieldText;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Stream;

/** The fields of a hand's place. */
final class HandFields {

    private final Move.PlaceHand hand;
    private final HandPlace to;

    private HandFields(Move.PlaceHand hand) {
        this.hand = hand;
        this.to = hand.to();
    }

    static List<MoveField> of(Move.PlaceHand hand, FieldText said) {
        return new HandFields(hand).fields(said);
    }

    private List<MoveField> fields(FieldText said) {
        return Stream.of(where(said), looks(), measured()).flatMap(List::stream).toList();
    }

    private List<MoveField> where(FieldText said) {
        return List.of(
                Fields.oneOf(
                        Words.of("postures.hand"),
                        List.of(Words.of("common.left"), Words.of("common.right")),
                        hand.hand().ordinal(),
                        at -> new Move.PlaceHand(Side.values()[at], to, hand.path())),
                Fields.landmark(Words.of("postures.height"), to.height(), height -> placed(to.withHeight(height))),
                Fields.line(
                        Words.of("postures.sideways"),
                        to.sideways().map(said::say).orElse(""),
                        Words.of("postures.own_side_centre"),
                        Fields.unsaidOr(said::sideways, sideways -> placed(to.withSideways(sideways)))),
                Fields.line(
                        Words.of("postures.reach"),
                        to.reach().map(said::say).orElse(""),
                        Words.of("postures.close_rounded_extended"),
                        Fields.unsaidOr(said::reach, reach -> placed(to.withReach(reach)))));
    }

    /** How the hand looks there. */
    private List<MoveField> looks() {
        return List.of(
                look("postures.palm", Palm.values(), to.palm(), to::withPalm),
                look("postures.fingers", Pointing.values(), to.fingers(), to::withFingers),
                look("postures.thumb", Pointing.values(), to.thumb(), to::withThumb),
                look("postures.elbow", Pointing.values(), to.elbow(), to::withElbow),
                look("postures.shape", HandShape.values(), to.shape(), to::withShape));
    }

    private <E extends Enum<E>> MoveField look(
            String name, E[] values, Optional<E> value, Function<Optional<E>, HandPlace> change) {
        return Fields.choice(Words.of(name), values, Words::of, value, now -> placed(change.apply(now)));
    }

    /** From where it is measured, against what, and by which way it goes. */
    private List<MoveField> measured() {
        return List.of(
                Fields.choice(
                        Words.of("postures.measured_at"),
                        HandPoint.values(),
                        Words::of,
                        to.point(),
                        point -> placed(to.withPoint(point))),
                Fields.choice(
                        Words.of("postures.against"), HandAt.values(), Words::of, to.at(), at -> placed(to.withAt(at))),
                Fields.choice(
                        Words.of("postures.way_2"),
                        HandPath.values(),
                        Words::of,
                        hand.path(),
                        path -> new Move.PlaceHand(hand.hand(), to, path)));
    }

    private Move placed(HandPlace place) {
        return new Move.PlaceHand(hand.hand(), place, hand.path());
    }
}
