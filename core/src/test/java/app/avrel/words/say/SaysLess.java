package app.avrel.words.say;

import app.avrel.body.Side;
import app.avrel.body.WeightShare;
import app.avrel.floor.Direction;
import app.avrel.floor.Turn;
import app.avrel.house.HouseRules;
import app.avrel.motion.Performer;
import app.avrel.posture.hand.HandAt;
import app.avrel.posture.hand.HandPlace;
import app.avrel.posture.hand.HandRelation;
import app.avrel.posture.move.Depth;
import app.avrel.posture.move.Move;
import app.avrel.posture.move.MoveQuestions;
import app.avrel.posture.move.StepPlace;
import app.avrel.posture.move.Toes;
import app.avrel.posture.move.Turning;
import java.util.Optional;

/** Whether a move that was heard is one that is recorded, perhaps with less said of it. */
final class SaysLess {

    private SaysLess() {}

    static boolean than(Move heard, Move recorded) {
        if (heard.equals(recorded)) {
            return true;
        }
        if (heard instanceof Move.RelateHands(var relation, var leading, var _, var _, var _)
                && relation == HandRelation.PALM_UNDER_ELBOW
                && recorded instanceof Move.PlaceHand(Side hand, HandPlace to, var _)) {
            return leading.equals(Optional.of(hand)) && to.at().equals(Optional.of(HandAt.OTHER_ELBOW));
        }
        boolean sameSide =
                heard instanceof Move.HandleProp || MoveQuestions.side(heard).equals(MoveQuestions.side(recorded));
        return sameSide && sameKind(heard, recorded);
    }

    private static boolean sameKind(Move heard, Move recorded) {
        return switch (heard) {
            case Move.Step step ->
                recorded instanceof Move.Step other
                        && (aside(step.foot(), step.place(), other.place())
                                || places(Optional.of(step.place()), Optional.of(other.place())))
                        && toes(step.toes(), other.toes());
            case Move.Slide slide ->
                recorded instanceof Move.Slide other
                        && (aside(slide.foot(), slide.place(), other.place())
                                || places(Optional.of(slide.place()), Optional.of(other.place())))
                        && toes(slide.toes(), other.toes());
            case Move.Lower lower ->
                recorded instanceof Move.Lower other
                        && lower.to() == other.to()
                        && places(lower.place(), other.place())
                        && toes(lower.toes(), other.toes());
            case Move.TurnFoot turn -> recorded instanceof Move.TurnFoot other && toes(turn.toes(), other.toes());
            case Move.Shift shift -> recorded instanceof Move.Shift other && share(shift, other);
            case Move.TurnBody turn ->
                recorded instanceof Move.TurnBody other && turned(turn.turning(), other.turning());
            case Move.ChangeDepth depth ->
                recorded instanceof Move.ChangeDepth other && depth(depth.depth(), other.depth());
            case Move.Incline incline ->
                recorded instanceof Move.Incline other
                        && (incline.degrees().isEmpty() || incline.degrees().equals(other.degrees()))
                        && (incline.toward().isEmpty() || incline.toward().equals(other.toward()));
            case Move.PlaceHand hand -> recorded instanceof Move.PlaceHand other && hand(hand.to(), other.to());
            case Move.Circle circle ->
                recorded instanceof Move.Circle other
                        && (circle.sense().isEmpty() || circle.sense().equals(other.sense()));
            case Move.Lift _ -> recorded instanceof Move.Lift;
            case Move.Kicking kick -> recorded instanceof Move.Kicking other && kick.kick() == other.kick();
            case Move.HoldBall ball -> recorded instanceof Move.HoldBall other && ball.above() == other.above();
            case Move.RelateHands hands ->
                recorded instanceof Move.RelateHands other && hands.relation() == other.relation();
            case Move.HandleProp prop -> recorded instanceof Move.HandleProp other && prop.act() == other.act();
            case Move.DrawIn _, Move.HalfStep _, Move.Raise _, Move.DrawBack _, Move.Stamp _, Move.Look _ ->
                heard.getClass() == recorded.getClass();
        };
    }

    private static boolean places(Optional<StepPlace> heard, Optional<StepPlace> recorded) {
        return heard.isEmpty()
                || recorded.isPresent()
                        && switch (heard.get()) {
                            case StepPlace.Along along ->
                                recorded.get() instanceof StepPlace.Along other
                                        && near(along.direction(), other.direction());
                            case StepPlace.Across across ->
                                recorded.get() instanceof StepPlace.Across other && across.over() == other.over();
                            case StepPlace.WhereWas was -> was.equals(recorded.get());
                            case StepPlace.AtToes at -> at.equals(recorded.get());
                            case StepPlace.Beside _, StepPlace.LevelWithHeel _, StepPlace.OnHeelLine _ ->
                                heard.get().getClass() == recorded.get().getClass();
                        };
    }

    /** Out to its own side says less than level with the other heel, so and so wide. */
    private static boolean aside(Side foot, StepPlace heard, StepPlace recorded) {
        Direction own = foot == Side.LEFT ? Direction.LEFT : Direction.RIGHT;
        return recorded instanceof StepPlace.LevelWithHeel
                && heard instanceof StepPlace.Along along
                && along.direction().equals(own);
    }

    /** A way said as forward or to the side is that way within a few degrees. */
    private static boolean near(Direction heard, Direction recorded) {
        return heard.equals(recorded)
                || heard instanceof Direction.OfBody(Turn one)
                        && recorded instanceof Direction.OfBody(Turn two)
                        && Math.abs(Math.IEEEremainder(one.degrees() - two.degrees(), 360)) <= 5;
    }

    private static boolean toes(Optional<Toes> heard, Optional<Toes> recorded) {
        return heard.isEmpty()
                || heard.equals(recorded)
                || recorded.isPresent()
                        && heard.get() instanceof Toes.TurnedSome(var way)
                        && (way == Toes.TurnedSome.Way.OUT) == out(recorded.get());
    }

    private static boolean out(Toes toes) {
        return switch (toes) {
            case Toes.Turned(double out) -> out >= 0;
            case Toes.AgainstPelvis(double out) -> out >= 0;
            case Toes.TurnedSome(var way) -> way == Toes.TurnedSome.Way.OUT;
            case Toes.Toward _, Toes.OutAsFarAsTheyGo _ -> true;
            case Toes.InAsFarAsTheyGo _ -> false;
        };
    }

    private static boolean share(Move.Shift heard, Move.Shift recorded) {
        WeightShare said = Performer.share(heard.split(), HouseRules.LARGE_FRAME);
        WeightShare real = Performer.share(recorded.split(), HouseRules.LARGE_FRAME);
        return said.leastLeft() <= real.leastLeft() && real.mostLeft() <= said.mostLeft()
                || said.heavier() == real.heavier() && real.least(real.heavier()) > 50;
    }

    private static boolean turned(Optional<Turning> heard, Optional<Turning> recorded) {
        return heard.isEmpty()
                || recorded.isPresent()
                        && switch (heard.get()) {
                            case Turning.Some(Side to) -> side(recorded.get()).equals(Optional.of(to));
                            case Turning.By _, Turning.Between _ ->
                                side(heard.get()).equals(side(recorded.get()));
                            case Turning.To to ->
                                recorded.get() instanceof Turning.To other
                                        && to.heading().equals(other.heading());
                        };
    }

    private static Optional<Side> side(Turning turning) {
        return switch (turning) {
            case Turning.By(Turn by) -> Optional.of(by.degrees() < 0 ? Side.LEFT : Side.RIGHT);
            case Turning.Between(Turn least, Turn most) ->
                Optional.of((most.size() > 0 ? most : least).degrees() < 0 ? Side.LEFT : Side.RIGHT);
            case Turning.Some(Side to) -> Optional.of(to);
            case Turning.To _ -> Optional.empty();
        };
    }

    private static boolean depth(Depth heard, Depth recorded) {
        return heard.getClass() == recorded.getClass()
                || recorded instanceof Depth.To
                || recorded instanceof Depth.ToFrame
                || recorded instanceof Depth.UntilKneeMeetsCalf;
    }

    private static boolean hand(HandPlace heard, HandPlace recorded) {
        return less(heard.height(), recorded.height())
                && less(heard.at(), recorded.at())
                && less(heard.palm(), recorded.palm())
                && less(heard.shape(), recorded.shape())
                && less(heard.fingers(), recorded.fingers())
                && less(heard.thumb(), recorded.thumb())
                && less(heard.elbow(), recorded.elbow());
    }

    private static <T> boolean less(Optional<T> heard, Optional<T> recorded) {
        return heard.isEmpty() || heard.equals(recorded);
    }
}
