package app.avrel.motion;

import app.avrel.body.Body;
import app.avrel.body.Side;
import app.avrel.body.WeightShare;
import app.avrel.floor.Bearing;
import app.avrel.floor.Direction;
import app.avrel.house.HouseRule;
import app.avrel.house.HouseRules;
import app.avrel.posture.count.Stage;
import app.avrel.posture.hand.HandPlace;
import app.avrel.posture.hand.HeldProp;
import app.avrel.posture.hand.Palm;
import app.avrel.posture.hand.Reach;
import app.avrel.posture.move.Gaze;
import app.avrel.posture.move.Move;
import app.avrel.posture.move.Split;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * What the moves of a stage make of a pose.
 *
 * <p>The moves of a stage happen together. They are worked out in the order body, feet, weight, depth, hands, eyes, so
 * that toes said against the pelvis find it turned; directions of the body are those with which the stage began.
 *
 * @param body whose lengths count
 * @param rules the school's answers where a move says "as the house does"
 */
public record Performer(Body body, HouseRules rules) {

    /** {@return the pose after the stage, in the frame of the pose before it} */
    public Pose after(Pose before, Stage stage) {
        Begin begin = new Begin(before, before.facing());
        List<Move> moves = stage.moves().stream()
                .sorted(Comparator.comparingInt(Performer::turn))
                .toList();
        Pose pose = before;
        for (Move move : moves) {
            pose = after(pose, move, begin);
        }
        return Staying.hands(before, pose, body);
    }

    /** {@return the same with some house rules otherwise, as for one posture} */
    public Performer with(Map<HouseRule, Integer> otherwise) {
        return otherwise.isEmpty() ? this : new Performer(body, rules.with(otherwise));
    }

    private static final int UNSAID_LEAN = 15;

    /** What held when the stage began. */
    record Begin(Pose pose, Bearing facing) {}

    private static int turn(Move move) {
        return switch (move) {
            case Move.TurnBody turn -> turn.part().ordinal();
            case Move.OfFoot _ -> 2;
            case Move.Shift _ -> 3;
            case Move.ChangeDepth _, Move.Incline _ -> 4;
            case Move.HoldBall _, Move.RelateHands _ -> 5;
            case Move.PlaceHand _ -> 6;
            case Move.Look _, Move.HandleProp _ -> 7;
        };
    }

    private Pose after(Pose pose, Move move, Begin begin) {
        FootPlacement footing = new FootPlacement(body, rules, begin);
        return switch (move) {
            case Move.Step step -> emptied(footing.step(pose, step), step.foot());
            case Move.Slide slide -> emptied(footing.slide(pose, slide), slide.foot());
            case Move.DrawIn draw -> emptied(footing.drawIn(pose, draw), draw.foot());
            case Move.HalfStep half -> emptied(footing.halfStep(pose, half), half.foot());
            case Move.Lower lower -> footing.lower(pose, lower);
            case Move.Raise raise ->
                pose.withFoot(
                        raise.foot(),
                        pose.foot(raise.foot()).withContact(raise.part().leaves()));
            case Move.Lift lift -> emptied(footing.lift(pose, lift), lift.foot());
            case Move.Kicking kick -> emptied(footing.kick(pose, kick), kick.foot());
            case Move.DrawBack back -> emptied(footing.drawBack(pose, back), back.foot());
            case Move.Stamp stamp -> emptied(footing.stamp(pose, stamp), stamp.foot());
            case Move.TurnFoot turn -> footing.turnFoot(pose, turn);
            case Move.Shift shift -> pose.withWeight(share(shift.split(), rules));
            case Move.TurnBody turn -> BodyTurning.after(pose, turn);
            case Move.ChangeDepth depth -> pose.withDrop(PelvisHeight.after(pose.drop(), depth.depth(), body, rules));
            case Move.PlaceHand hand ->
                pose.withHand(hand.hand(), pose.hand(hand.hand()).with(hand.to()));
            case Move.Incline incline -> pose.withLean(leaning(pose.lean(), incline, begin));
            case Move.HoldBall ball -> holding(pose, ball);
            case Move.RelateHands hands -> HandRelations.after(pose, hands);
            case Move.HandleProp prop ->
                pose.withProp(Handling.after(pose.prop(), prop).map(held -> fixed(held, begin)));
            case Move.Look look -> pose.withGaze(fixed(look.at(), begin));
        };
    }

    /** A foot that has travelled bears nothing until weight is shifted onto it. */
    private static Pose emptied(Pose pose, Side foot) {
        return pose.withWeight(WeightShare.on(foot, 0));
    }

    /** {@return the share that a split means under these house rules} */
    public static WeightShare share(Split split, HouseRules rules) {
        return switch (split) {
            case Split.Said said -> said.share();
            case Split.AsHouse(var loading, Side heavier) ->
                switch (loading) {
                    case FRONT_LOADED -> WeightShare.on(heavier, rules.get(HouseRule.BOW_SHARE));
                    case LIGHT_FOOT -> WeightShare.on(heavier, 100 - rules.get(HouseRule.EMPTY_SHARE));
                };
        };
    }

    private static Pose holding(Pose pose, Move.HoldBall ball) {
        HandPlace round = HandPlace.UNSAID.withReach(Reach.ROUNDED);
        Side above = ball.above();
        HandPlace upper =
                round.withSideways(BallHold.sideways(above, ball.beside())).withPalm(Palm.DOWN);
        HandPlace lower = round.withSideways(BallHold.sideways(above.other(), ball.beside()))
                .withPalm(Palm.UP);
        if (ball.height().isPresent()) {
            upper = upper.withHeight(BallHold.upper(ball.height().get()));
            lower = lower.withHeight(BallHold.lower(ball.height().get()));
        }
        return pose.withHand(above, pose.hand(above).with(upper))
                .withHand(above.other(), pose.hand(above.other()).with(lower));
    }

    /** An incline without a number is a small one. */
    private static Lean leaning(Lean before, Move.Incline move, Begin begin) {
        Bearing toward = move.toward()
                .map(direction -> FootPlacement.heading(direction, begin.facing()))
                .orElse(begin.facing());
        int degrees = move.degrees().orElse(before.degrees() == 0 ? UNSAID_LEAN : before.degrees());
        return degrees == 0 ? Lean.UPRIGHT : new Lean(degrees, toward);
    }

    private static HeldProp fixed(HeldProp held, Begin begin) {
        return held.pointing(
                Optional.empty(),
                held.toward().map(to -> new Direction.OfPosture(FootPlacement.heading(to, begin.facing()))));
    }

    private static Gaze fixed(Gaze gaze, Begin begin) {
        return switch (gaze) {
            case Gaze.Ahead ahead -> ahead;
            case Gaze.AtHand hand -> hand;
            case Gaze.Toward(var direction) ->
                new Gaze.Toward(new Direction.OfPosture(FootPlacement.heading(direction, begin.facing())));
        };
    }
}
