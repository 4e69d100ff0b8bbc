package app.avrel.desktop.postures;

import app.avrel.body.Landmark;
import app.avrel.body.Length;
import app.avrel.body.Side;
import app.avrel.floor.Direction;
import app.avrel.posture.hand.HandRelation;
import app.avrel.posture.hand.Palm;
import app.avrel.posture.hand.Pointing;
import app.avrel.posture.hand.Prop;
import app.avrel.posture.hand.PropAct;
import app.avrel.posture.move.Move;
import app.avrel.words.DirectionText;
import app.avrel.words.Wording;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Stream;

/** The fields of what both hands do together, of a prop, and of the trunk's incline. */
final class RelatedFields {

    private static final List<String> HANDS = List.of("left hand", "right hand");
    private static final List<String> BESIDE = List.of("the middle", "the left side", "the right side");
    private final Wording saying;

    RelatedFields(Wording saying) {
        this.saying = saying;
    }

    List<MoveField> ball(Move.HoldBall ball) {
        return List.of(
                MoveFields.oneOf(
                        "Above",
                        HANDS,
                        ball.above().ordinal(),
                        at -> new Move.HoldBall(Side.values()[at], ball.height(), ball.size(), ball.beside())),
                MoveFields.landmark(
                        "Height",
                        ball.height(),
                        height -> new Move.HoldBall(ball.above(), height, ball.size(), ball.beside())),
                MoveFields.oneOf(
                        "Before",
                        BESIDE,
                        ball.beside().map(side -> side.ordinal() + 1).orElse(0),
                        at -> new Move.HoldBall(
                                ball.above(),
                                ball.height(),
                                ball.size(),
                                at == 0 ? Optional.empty() : Optional.of(Side.values()[at - 1]))),
                MoveFields.length(
                        "Size",
                        ball.size(),
                        "2 hand spans",
                        size -> new Move.HoldBall(ball.above(), ball.height(), size, ball.beside())));
    }

    List<MoveField> relation(Move.RelateHands hands) {
        HandRelation relation = hands.relation();
        Side leading = hands.leading();
        Optional<Landmark> height = hands.height();
        Optional<Length> gap = hands.gap();
        Optional<Palm> palm = hands.palm();
        return List.of(
                MoveFields.oneOf(
                        "Hands",
                        Stream.of(HandRelation.values())
                                .map(HandRelation::phrase)
                                .toList(),
                        relation.ordinal(),
                        at -> new Move.RelateHands(HandRelation.values()[at], leading, height, gap, palm)),
                MoveFields.oneOf(
                        capital(relation.leading()),
                        HANDS,
                        leading.ordinal(),
                        at -> new Move.RelateHands(relation, Side.values()[at], height, gap, palm)),
                MoveFields.landmark(
                        "Height", height, changed -> new Move.RelateHands(relation, leading, changed, gap, palm)),
                MoveFields.length(
                        "Gap",
                        gap,
                        "1 fist",
                        changed -> new Move.RelateHands(relation, leading, height, changed, palm)),
                MoveFields.choice(
                        "Palms",
                        Palm.values(),
                        Palm::word,
                        palm,
                        changed -> new Move.RelateHands(relation, leading, height, gap, changed)));
    }

    private static String capital(String words) {
        return Character.toUpperCase(words.charAt(0)) + words.substring(1);
    }

    List<MoveField> prop(Move.HandleProp move) {
        return List.of(
                MoveFields.oneOf(
                        "Does",
                        Stream.of(PropAct.values()).map(PropAct::word).toList(),
                        move.act().ordinal(),
                        at -> new Move.HandleProp(
                                move.hand(), PropAct.values()[at], move.prop(), move.points(), move.toward())),
                MoveFields.choice(
                        "Prop",
                        Prop.values(),
                        Prop::word,
                        move.prop(),
                        prop -> new Move.HandleProp(move.hand(), move.act(), prop, move.points(), move.toward())),
                MoveFields.oneOf(
                        "Hand",
                        HANDS,
                        move.hand().ordinal(),
                        at -> new Move.HandleProp(
                                Side.values()[at], move.act(), move.prop(), move.points(), move.toward())),
                MoveFields.choice(
                        "Points",
                        Pointing.values(),
                        Pointing::word,
                        move.points(),
                        points -> new Move.HandleProp(move.hand(), move.act(), move.prop(), points, move.toward())),
                toward(
                        "Leans",
                        move.toward(),
                        toward -> new Move.HandleProp(move.hand(), move.act(), move.prop(), move.points(), toward)));
    }

    List<MoveField> incline(Move.Incline incline) {
        return List.of(
                MoveFields.line(
                        "Degrees",
                        incline.degrees().map(String::valueOf).orElse(""),
                        "15 · 0 is upright",
                        MoveFields.unsaidOr(
                                RelatedFields::degrees, degrees -> new Move.Incline(degrees, incline.toward()))),
                toward("Toward", incline.toward(), toward -> new Move.Incline(incline.degrees(), toward)));
    }

    private static Optional<Integer> degrees(String text) {
        String said = text.strip().replace("°", "");
        return said.matches("\\d{1,2}") && Integer.parseInt(said) <= 60
                ? Optional.of(Integer.parseInt(said))
                : Optional.empty();
    }

    private MoveField toward(String label, Optional<Direction> toward, Function<Optional<Direction>, Move> change) {
        return MoveFields.line(
                label,
                toward.map(direction -> DirectionText.say(direction, saying)).orElse(""),
                "forward · 1:30",
                MoveFields.unsaidOr(text -> DirectionText.parse(text, saying), change));
    }
}
