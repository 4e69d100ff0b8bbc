package app.avrel.words.reading;

import app.avrel.body.Landmark;
import app.avrel.body.Side;
import app.avrel.floor.Direction;
import app.avrel.posture.hand.HandPlace;
import app.avrel.posture.hand.HandRelation;
import app.avrel.posture.hand.Sideways;
import app.avrel.posture.move.Contact;
import app.avrel.posture.move.Depth;
import app.avrel.posture.move.FootPart;
import app.avrel.posture.move.Move;
import app.avrel.posture.move.Pivot;
import app.avrel.posture.move.Split;
import app.avrel.posture.move.StepPlace;
import app.avrel.posture.move.Toes;
import app.avrel.posture.move.Turning;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** Takes out of a stage what another move of it says already, or says better. */
final class Tidying {

    private static final HandPlace APART = HandPlace.UNSAID.withSideways(Sideways.OWN_SIDE);

    private Tidying() {}

    /** Of what is said in one breath, a turn so far gives way to where it turns to. */
    static void together(List<Move> stage, int from) {
        List<Move> together = List.copyOf(stage.subList(from, stage.size()));
        for (int i = together.size() - 1; i >= 0; i--) {
            if (arrives(together.get(i), together.subList(i + 1, together.size()))) {
                stage.remove(from + i);
            }
        }
    }

    /**
     * Takes out what is outdone, once a stage is whole.
     *
     * @param ofStance what a stance by name brought into it
     * @param onlyWhere what was told without a verb: where something is, and not that it goes there
     */
    static void whole(List<Move> stage, List<Move> ofStance, List<Move> onlyWhere) {
        turnsOnce(stage);
        placedOnce(stage, onlyWhere);
        apartThere(stage);
        stage.removeIf(move -> superseded(move, stage, ofStance));
        sinksOnce(stage);
        stackedThere(stage);
    }

    /** The heel pushes out so that the foot points to eleven: it turns once, on the ball, and that far. */
    private static void turnsOnce(List<Move> stage) {
        for (int i = 0; i < stage.size(); i++) {
            if (stage.get(i) instanceof Move.TurnFoot(Side foot, Pivot ball, var some)
                    && ball == Pivot.BALL
                    && some.filter(Toes.TurnedSome.class::isInstance).isPresent()) {
                turnedTo(foot, stage.subList(i + 1, stage.size())).ifPresent(turned -> {
                    stage.remove(turned);
                    stage.set(
                            stage.indexOf(new Move.TurnFoot(foot, ball, some)),
                            new Move.TurnFoot(foot, ball, turned.toes()));
                });
            }
        }
    }

    private static Optional<Move.TurnFoot> turnedTo(Side foot, List<Move> then) {
        return then.stream()
                .filter(Move.TurnFoot.class::isInstance)
                .map(Move.TurnFoot.class::cast)
                .filter(turn -> turn.foot() == foot
                        && turn.toes().filter(Tidying::toTheHall).isPresent())
                .findFirst();
    }

    private static boolean toTheHall(Toes toes) {
        return toes instanceof Toes.Toward(Direction.OfPosture _);
    }

    /** Arms level, as high as the shoulders, palms down: a hand that is there already is not placed there once more. */
    private static void placedOnce(List<Move> stage, List<Move> onlyWhere) {
        for (int i = stage.size() - 1; i > 0; i--) {
            for (int j = i - 1; j >= 0; j--) {
                if (stage.get(i) instanceof Move.PlaceHand later
                        && stage.get(j) instanceof Move.PlaceHand earlier
                        && earlier.hand() == later.hand()
                        && (there(earlier, later) || onlyWhere.contains(later) && aside(earlier.to(), later.to()))) {
                    HandPlace said = earlier.to()
                            .with(later.to())
                            .withSideways(earlier.to().sideways());
                    stage.set(j, new Move.PlaceHand(earlier.hand(), said, earlier.path()));
                    stage.remove(i);
                    break;
                }
            }
        }
    }

    /** Whether what is said later of a hand only adds how it looks at the height where it is. */
    private static boolean there(Move.PlaceHand earlier, Move.PlaceHand later) {
        return later.to().height().isPresent()
                && later.to().height().equals(earlier.to().height())
                && Stream.of(
                                later.to().sideways(),
                                later.to().reach(),
                                later.to().at(),
                                later.to().offset())
                        .allMatch(Optional::isEmpty)
                && agree(earlier.to().palm(), later.to().palm())
                && agree(earlier.to().shape(), later.to().shape())
                && later.path().isEmpty();
    }

    /** To the right, at head height: which way, and how high, are one place. */
    private static boolean aside(HandPlace way, HandPlace height) {
        return way.sideways().filter(Sideways.Toward.class::isInstance).isPresent()
                && way.height().isEmpty()
                && way.at().isEmpty()
                && height.equals(HandPlace.UNSAID.withHeight(height.height()))
                && height.height().isPresent();
    }

    private static <T> boolean agree(Optional<T> one, Optional<T> other) {
        return one.isEmpty() || other.isEmpty() || one.equals(other);
    }

    /** Hands to the chest, hands a shoulder width apart: they are there, each on its side. */
    private static void apartThere(List<Move> stage) {
        for (int i = stage.size() - 1; i > 0; i--) {
            if (!(stage.get(i) instanceof Move.PlaceHand(Side hand, HandPlace to, var _)) || !to.equals(APART)) {
                continue;
            }
            for (int j = i - 1; j >= 0; j--) {
                if (stage.get(j) instanceof Move.PlaceHand(Side same, HandPlace place, var path)
                        && same == hand
                        && place.targets()
                        && place.sideways()
                                .filter(across -> !across.equals(Sideways.CENTRE))
                                .isEmpty()) {
                    stage.set(j, new Move.PlaceHand(hand, place.withSideways(Sideways.OWN_SIDE), path));
                    stage.remove(i);
                    break;
                }
            }
        }
    }

    /** One hand at the belly, the other above it: both are there, one above the other. */
    private static void stackedThere(List<Move> stage) {
        for (Move move : List.copyOf(stage)) {
            boolean stacked = move instanceof Move.RelateHands(var relation, var _, var height, var _, var _)
                    && relation == HandRelation.STACKED
                    && height.isEmpty();
            Optional<Landmark> there = stacked ? anchored(stage) : Optional.empty();
            if (there.isPresent()
                    && move instanceof Move.RelateHands(var relation, var above, var _, var gap, var palm)) {
                stage.set(stage.indexOf(move), new Move.RelateHands(relation, above, there, gap, palm));
            }
        }
    }

    /** Takes the height off the hand that is placed at one and nowhere else; what else is said of it stays. */
    private static Optional<Landmark> anchored(List<Move> stage) {
        for (int i = 0; i < stage.size(); i++) {
            if (stage.get(i) instanceof Move.PlaceHand(Side hand, HandPlace to, var path)
                    && to.height().isPresent()
                    && to.at().isEmpty()
                    && to.sideways()
                            .filter(across -> !across.equals(Sideways.CENTRE))
                            .isEmpty()) {
                HandPlace looks = HandPlace.UNSAID
                        .withPalm(to.palm())
                        .withFingers(to.fingers())
                        .withShape(to.shape())
                        .withElbow(to.elbow())
                        .withThumb(to.thumb());
                if (looks.equals(HandPlace.UNSAID) && path.isEmpty()) {
                    stage.remove(i);
                } else {
                    stage.set(i, new Move.PlaceHand(hand, looks, path));
                }
                return to.height();
            }
        }
        return Optional.empty();
    }

    /** Turns so far, and to there, in one breath: where it turns to says all. */
    private static boolean arrives(Move move, List<Move> together) {
        return move instanceof Move.TurnBody(var part, var turning)
                && turning.filter(Turning.By.class::isInstance).isPresent()
                && together.stream()
                        .anyMatch(other -> other instanceof Move.TurnBody(var same, var to)
                                && same == part
                                && to.filter(Turning.To.class::isInstance).isPresent());
    }

    /** Hands that part, and then each goes somewhere: where it goes says all. */
    private static boolean superseded(Move move, List<Move> stage, List<Move> ofStance) {
        boolean houseShare = move instanceof Move.Shift
                && ofStance.contains(move)
                && stage.stream()
                        .anyMatch(other -> other instanceof Move.Shift(Split.Said _)
                                && !ofStance.contains(other)
                                && !onward(other, ofStance));
        boolean onBall = move instanceof Move.Lower(Side foot, Contact to, var place, var _)
                && to == Contact.BALL
                && place.isEmpty()
                && stage.contains(new Move.Raise(foot, FootPart.HEEL, Optional.empty()));
        boolean touches = move instanceof Move.DrawIn(Side drawn, var _)
                && stage.stream()
                        .anyMatch(other ->
                                other instanceof Move.Step(Side foot, StepPlace.Beside _, var landing, var _, var _)
                                        && foot == drawn
                                        && landing.isPresent());
        return onBall
                || touches
                || houseShare
                || onward(move, ofStance)
                || move instanceof Move.PlaceHand(var hand, var to, var _)
                        && to.equals(APART)
                        && stage.stream()
                                .anyMatch(other -> other instanceof Move.PlaceHand(var same, var place, var _)
                                        && same == hand
                                        && place.targets());
    }

    /** Shift forward into a left bow stance: how much goes to the left, the stance says. */
    private static boolean onward(Move move, List<Move> ofStance) {
        return ofStance.stream()
                .anyMatch(stance -> stance instanceof Move.Shift(Split.AsHouse(var _, var heavier))
                        && move.equals(new Move.Shift(Split.toward(heavier))));
    }

    /** Knees soft, tailbone down, one fist: one sinks once, as far as is said. */
    private static void sinksOnce(List<Move> stage) {
        Move sink = new Move.ChangeDepth(new Depth.Sink(Optional.empty()));
        boolean measured = stage.stream()
                .anyMatch(move -> move instanceof Move.ChangeDepth(var depth)
                        && !move.equals(sink)
                        && !(depth instanceof Depth.Rise));
        int first = stage.indexOf(sink);
        for (int i = stage.size() - 1; i >= 0; i--) {
            if (stage.get(i).equals(sink) && (measured || i > first)) {
                stage.remove(i);
            }
        }
    }
}
