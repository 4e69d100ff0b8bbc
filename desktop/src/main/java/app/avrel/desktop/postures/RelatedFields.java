package app.avrel.desktop.postures;

import app.avrel.body.Side;
import app.avrel.desktop.words.Words;
import app.avrel.floor.Direction;
import app.avrel.posture.hand.HandRelation;
import app.avrel.posture.hand.Palm;
import app.avrel.posture.hand.Pointing;
import app.avrel.posture.hand.Prop;
import app.avrel.posture.hand.PropAct;
import app.avrel.posture.hand.PropRest;
import app.avrel.posture.move.Move;
import app.avrel.words.reading.FieldText;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Stream;

/** The fields of what both hands do together, of a prop, and of the trunk's incline. */
final class RelatedFields {

    private final FieldText said;

    RelatedFields(FieldText said) {
        this.said = said;
    }

    List<MoveField> ball(Move.HoldBall ball) {
        return List.of(
                Fields.oneOf(
                        Words.of("postures.above"),
                        hands(),
                        ball.above().ordinal(),
                        at -> ball.withAbove(Side.values()[at])),
                Fields.landmark(Words.of("postures.height"), ball.height(), ball::withHeight),
                Fields.oneOf(
                        Words.of("postures.before"),
                        beside(),
                        ball.beside().map(side -> side.ordinal() + 1).orElse(0),
                        at -> ball.withBeside(at == 0 ? Optional.empty() : Optional.of(Side.values()[at - 1]))),
                Fields.length(
                        said,
                        Words.of("postures.size"),
                        ball.size(),
                        Words.of("postures.2_hand_spans"),
                        ball::withSize));
    }

    List<MoveField> relation(Move.RelateHands hands) {
        return List.of(
                Fields.oneOf(
                        Words.of("postures.hands_2"),
                        Stream.of(HandRelation.values()).map(Words::of).toList(),
                        hands.relation().ordinal(),
                        at -> hands.withRelation(HandRelation.values()[at])),
                Fields.choice(
                        capital(hands.relation().leading()),
                        Side.values(),
                        side -> hands().get(side.ordinal()),
                        hands.leading(),
                        hands::withLeading),
                Fields.landmark(Words.of("postures.height"), hands.height(), hands::withHeight),
                Fields.length(said, Words.of("postures.gap"), hands.gap(), Words.of("postures.1_fist"), hands::withGap),
                Fields.choice(Words.of("postures.palms"), Palm.values(), Words::of, hands.palm(), hands::withPalm));
    }

    private static String capital(String words) {
        return Character.toUpperCase(words.charAt(0)) + words.substring(1);
    }

    List<MoveField> prop(Move.HandleProp move) {
        return List.of(
                Fields.oneOf(
                        Words.of("postures.does"),
                        Stream.of(PropAct.values()).map(Words::of).toList(),
                        move.act().ordinal(),
                        at -> move.withAct(PropAct.values()[at])),
                Fields.choice(Words.of("postures.prop"), Prop.values(), Words::of, move.prop(), move::withProp),
                Fields.oneOf(
                        Words.of("postures.hand"),
                        hands(),
                        move.hand().ordinal(),
                        at -> move.withHand(Side.values()[at])),
                Fields.choice(
                        Words.of("postures.points"), Pointing.values(), Words::of, move.points(), move::withPoints),
                toward(Words.of("postures.leans"), move.toward(), move::withToward),
                Fields.choice(Words.of("postures.rests"), PropRest.values(), Words::of, move.rests(), move::withRests));
    }

    List<MoveField> incline(Move.Incline incline) {
        return List.of(
                Fields.line(
                        Words.of("postures.degrees"),
                        incline.degrees().map(String::valueOf).orElse(""),
                        Words.of("postures.15_0_upright"),
                        Fields.unsaidOr(
                                RelatedFields::degrees, degrees -> new Move.Incline(degrees, incline.toward()))),
                toward(
                        Words.of("postures.toward"),
                        incline.toward(),
                        toward -> new Move.Incline(incline.degrees(), toward)));
    }

    private static Optional<Integer> degrees(String text) {
        String said = text.strip().replace("°", "");
        return said.matches("\\d{1,2}") && Integer.parseInt(said) <= 60
                ? Optional.of(Integer.parseInt(said))
                : Optional.empty();
    }

    private MoveField toward(String label, Optional<Direction> toward, Function<Optional<Direction>, Move> change) {
        return Fields.line(
                label,
                toward.map(said::say).orElse(""),
                Words.of("postures.forward_1_30"),
                Fields.unsaidOr(said::direction, change));
    }

    private static List<String> hands() {
        return List.of(Words.of("postures.left_hand_2"), Words.of("postures.right_hand_2"));
    }

    private static List<String> beside() {
        return List.of(Words.of("postures.middle"), Words.of("postures.left_side"), Words.of("postures.right_side"));
    }
}
