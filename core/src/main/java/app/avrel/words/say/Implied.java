package app.avrel.words.say;

import app.avrel.body.Side;
import app.avrel.body.WeightShare;
import app.avrel.floor.Direction;
import app.avrel.floor.Turn;
import app.avrel.motion.Pose;
import app.avrel.posture.hand.HandPlace;
import app.avrel.posture.hand.HandShape;
import app.avrel.posture.hand.Reach;
import app.avrel.posture.hand.Sideways;
import app.avrel.posture.move.Depth;
import app.avrel.posture.move.Move;
import app.avrel.posture.move.Split;
import app.avrel.posture.move.StepPlace;
import app.avrel.posture.move.Toes;
import app.avrel.posture.move.Turning;
import java.util.Optional;

/**
 * Leaves out what need not be said: what is so already, what the pose or the way gives, and numbers that one shows.
 *
 * <p>What is left is a move that says less, never another.
 */
final class Implied {

    private Implied() {}

    /** {@return what is worth saying of a move; empty where nothing is} */
    static Optional<Move> trim(Move move, Pose before, Pose after) {
        return switch (move) {
            case Move.Step step ->
                Optional.of(new Move.Step(
                        step.foot(),
                        bare(step.place()),
                        step.landing(),
                        step.toes().filter(Implied::turned).map(Implied::bare),
                        step.way()));
            case Move.Slide slide ->
                Optional.of(new Move.Slide(
                        slide.foot(),
                        bare(slide.place()),
                        slide.landing(),
                        slide.toes().filter(Implied::turned).map(Implied::bare)));
            case Move.Lower lower ->
                Optional.of(new Move.Lower(
                        lower.foot(),
                        lower.to(),
                        lower.place().map(Implied::bare),
                        lower.toes().filter(Implied::turned).map(Implied::bare)));
            case Move.Shift shift -> shift(shift, before.weight(), after.weight());
            case Move.TurnFoot turn ->
                Optional.of(
                        new Move.TurnFoot(turn.foot(), turn.on(), turn.toes().map(Implied::bare)));
            case Move.TurnBody turn ->
                turn.turning().equals(Optional.of(new Turning.By(Turn.NONE)))
                        ? Optional.empty()
                        : Optional.of(
                                new Move.TurnBody(turn.part(), turn.turning().map(Implied::bare)));
            case Move.ChangeDepth depth -> depth(depth, before, after);
            case Move.Look look -> look.at().equals(before.gaze()) ? Optional.empty() : Optional.of(look);
            case Move.PlaceHand hand -> hand(hand, before);
            case Move.DrawIn _,
                    Move.HalfStep _,
                    Move.Raise _,
                    Move.Lift _,
                    Move.Kicking _,
                    Move.DrawBack _,
                    Move.Stamp _,
                    Move.Incline _,
                    Move.HoldBall _,
                    Move.RelateHands _,
                    Move.Circle _,
                    Move.HandleProp _ -> Optional.of(move);
        };
    }

    private static StepPlace bare(StepPlace place) {
        return switch (place) {
            case StepPlace.Along along -> new StepPlace.Along(along.direction(), Optional.empty(), Optional.empty());
            case StepPlace.Beside beside -> new StepPlace.Beside(Optional.empty(), beside.ahead());
            case StepPlace.LevelWithHeel _ -> new StepPlace.LevelWithHeel(Optional.empty());
            case StepPlace.OnHeelLine line -> line;
            case StepPlace.Across across -> new StepPlace.Across(across.over(), Optional.empty());
            case StepPlace.WhereWas was -> was;
            case StepPlace.AtToes at -> at;
        };
    }

    /** Toes that point forward, or straight with the hips, go without saying. */
    private static boolean turned(Toes toes) {
        return switch (toes) {
            case Toes.AgainstPelvis(double out) -> out != 0;
            case Toes.Toward(var direction) -> !direction.equals(Direction.FORWARD);
            case Toes.Turned _, Toes.TurnedSome _, Toes.OutAsFarAsTheyGo _, Toes.InAsFarAsTheyGo _ -> true;
        };
    }

    /** Which way they turn; by how much one sees. */
    private static Toes bare(Toes toes) {
        return switch (toes) {
            case Toes.Turned(double out) ->
                new Toes.TurnedSome(out < 0 ? Toes.TurnedSome.Way.IN : Toes.TurnedSome.Way.OUT);
            case Toes.AgainstPelvis(double out)
            when out != 0 -> new Toes.TurnedSome(out < 0 ? Toes.TurnedSome.Way.IN : Toes.TurnedSome.Way.OUT);
            case Toes.AgainstPelvis _,
                    Toes.Toward _,
                    Toes.TurnedSome _,
                    Toes.OutAsFarAsTheyGo _,
                    Toes.InAsFarAsTheyGo _ -> toes;
        };
    }

    /** All of it, half of it, or onto which foot. */
    private static Optional<Move> shift(Move.Shift said, WeightShare before, WeightShare reached) {
        if (before.equals(reached) && before.exact()) {
            return Optional.empty();
        }
        WeightShare after = said.split() instanceof Split.Said(WeightShare share) ? share : reached;
        Side heavier = after.heavier();
        boolean whole = after.exact() && (after.least(heavier) == 100 || after.least(heavier) == 50);
        boolean clear = after.least(heavier) > 50;
        return Optional.of(new Move.Shift(whole || !clear ? new Split.Said(after) : Split.toward(heavier)));
    }

    private static Turning bare(Turning turning) {
        return switch (turning) {
            case Turning.By(var by) -> new Turning.Some(Voice.side(by));
            case Turning.Between(var least, var most) -> new Turning.Some(Voice.side(most.size() > 0 ? most : least));
            case Turning.Some some -> some;
            case Turning.To to -> to;
        };
    }

    /** The verb is by what really changes. */
    private static Optional<Move> depth(Move.ChangeDepth said, Pose before, Pose after) {
        double sinks = after.drop().value() - before.drop().value();
        return switch (said.depth()) {
            case Depth.Sink _ -> Optional.of(new Move.ChangeDepth(new Depth.Sink(Optional.empty())));
            case Depth.Rise _ -> Optional.of(new Move.ChangeDepth(new Depth.Rise(Optional.empty())));
            case Depth.To _, Depth.ToFrame _ when Math.abs(sinks) < 0.005 -> Optional.empty();
            case Depth.To(var to) when to.amount() == 0 -> Optional.of(said);
            case Depth.To _ ->
                Optional.of(new Move.ChangeDepth(
                        sinks > 0 ? new Depth.Sink(Optional.empty()) : new Depth.Rise(Optional.empty())));
            case Depth.ToFrame _, Depth.UntilKneeMeetsCalf _ -> Optional.of(said);
        };
    }

    private static Optional<Move> hand(Move.PlaceHand move, Pose before) {
        HandPlace was = before.hand(move.hand());
        HandPlace said = move.to();
        boolean sameHeight =
                said.at().isEmpty() && was.at().isEmpty() && said.height().equals(was.height());
        HandPlace left = said.withPalm(said.palm().filter(palm -> !was.palm().equals(Optional.of(palm))))
                .withShape(said.shape().filter(shape -> was.shape().orElse(HandShape.OPEN) != shape))
                .withFingers(said.fingers().filter(way -> !was.fingers().equals(Optional.of(way))))
                .withThumb(said.thumb().filter(way -> !was.thumb().equals(Optional.of(way))))
                .withElbow(said.elbow().filter(way -> !was.elbow().equals(Optional.of(way))))
                .withReach(said.reach().filter(reach -> worthSaying(reach, was, sameHeight)))
                .withPoint(Optional.empty())
                .withSideways(said.sideways().filter(to -> worthSaying(to, was, sameHeight)));
        boolean moves = left.sideways().isPresent()
                || left.reach().isPresent()
                || left.offset().isPresent();
        if (sameHeight && !moves) {
            left = left.withHeight(Optional.empty());
        }
        return left.equals(HandPlace.UNSAID)
                ? Optional.empty()
                : Optional.of(new Move.PlaceHand(move.hand(), left, move.path()));
    }

    /** Reaching out and drawing in are heard in the verb, unless the arm also rises or sinks. */
    private static boolean worthSaying(Reach reach, HandPlace was, boolean sameHeight) {
        return sameHeight && !was.reach().equals(Optional.of(reach)) || reach.equals(Reach.EXTENDED);
    }

    private static boolean named(double halves) {
        return halves == 1 || halves == 0 || halves == -0.9 || halves == 1.5;
    }

    private static boolean worthSaying(Sideways to, HandPlace was, boolean sameHeight) {
        boolean usual = to.equals(Sideways.OWN_SIDE);
        if (to instanceof Sideways.Across(double halves) && !named(halves)) {
            return false;
        }
        boolean same = sameHeight && was.sideways().equals(Optional.of(to));
        return !same
                && !(usual && was.sideways().filter(from -> !from.equals(to)).isEmpty());
    }
}
