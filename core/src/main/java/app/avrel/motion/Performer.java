package app.avrel.motion;

import app.avrel.body.Body;
import app.avrel.body.Side;
import app.avrel.body.WeightShare;
import app.avrel.floor.Bearing;
import app.avrel.floor.Direction;
import app.avrel.floor.Turn;
import app.avrel.house.HouseRule;
import app.avrel.house.HouseRules;
import app.avrel.posture.count.Stage;
import app.avrel.posture.hand.HeldProp;
import app.avrel.posture.move.Gaze;
import app.avrel.posture.move.Move;
import app.avrel.posture.move.Split;
import app.avrel.posture.move.Toes;
import app.avrel.posture.move.Turning;
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
 * @param meeting at which depth knee and calf meet
 */
public record Performer(Body body, HouseRules rules, KneeMeeting meeting) {

    /** {@return the pose after a stage that stands by itself, in the frame of the pose before it} */
    public Pose after(Pose before, Stage stage) {
        return after(before, List.of(stage), 0);
    }

    /**
     * {@return the pose after a stage of a count, in the frame of the pose before it}
     *
     * @param stages of the whole count: where the body faces at its end tells a step which side is its own
     * @param at which of them is done, from 0
     */
    public Pose after(Pose before, List<Stage> stages, int at) {
        Stage stage = stages.get(at);
        Begin begin = new Begin(before, stages.subList(at, stages.size()), rules);
        List<Move> moves = stage.moves().stream()
                .sorted(Comparator.comparingInt(Performer::turn))
                .toList();
        Pose pose = before;
        for (Move move : moves) {
            pose = after(pose, move, begin);
        }
        Pose stands = Flattening.after(before, pose, stage, rules);
        Pose shared = PelvisShare.of(before, stands, rules);
        return StanceLine.after(before, Staying.hands(before, shared, body), stage);
    }

    /** {@return the same with some house rules otherwise, as for one posture} */
    public Performer with(Map<HouseRule, Integer> otherwise) {
        return otherwise.isEmpty() ? this : new Performer(body, rules.with(otherwise), meeting);
    }

    private static final int UNSAID_LEAN = 15;

    /**
     * What holds when a stage begins.
     *
     * @param left of the count: this stage and those after it
     */
    record Begin(Pose pose, List<Stage> left, HouseRules rules) {

        /** Degrees of the chest off the line of the stance from which "forward" has two meanings. */
        private static final double WOUND = 15;

        private static final int ALONG_STANCE = 0;

        Bearing facing() {
            return pose.facing();
        }

        /** {@return where "forward" is: where the body faces, or the line of the stance where it is turned against that} */
        Bearing forward() {
            boolean stance = rules.get(HouseRule.FORWARD_WOUND) == ALONG_STANCE;
            return stance && facing().degreesFrom(pose.line().facing()) > WOUND + 1e-9
                    ? pose.line().facing()
                    : facing();
        }

        Bearing bearing(Direction direction) {
            return switch (direction) {
                case Direction.OfBody(Turn turn) -> forward().plus(turn);
                case Direction.OfPosture(Bearing bearing) -> bearing;
            };
        }

        /** {@return where the toes of a foot that steps shall point, where this stage says so} */
        Optional<Toes> toes(Side side) {
            return left.getFirst().moves().stream()
                    .flatMap(move -> switch (move) {
                        case Move.Step step when step.foot() == side -> step.toes().stream();
                        case Move.Lower lower when lower.foot() == side -> lower.toes().stream();
                        default -> Optional.<Toes>empty().stream();
                    })
                    .findFirst();
        }

        /** {@return whether the body turns by the end of the count} */
        boolean turns() {
            return left.stream().flatMap(stage -> stage.moves().stream()).anyMatch(Begin::turnsChest);
        }

        private static boolean turnsChest(Move move) {
            return move instanceof Move.TurnBody turn && turn.turning().isPresent();
        }

        /** {@return where the chest faces at the end of the count} */
        Bearing facingAtEnd() {
            Estimate<Turn> chest = pose.chest();
            for (Stage stage : left) {
                for (Move move : stage.moves()) {
                    if (move instanceof Move.TurnBody(var _, Optional<Turning> turning) && turning.isPresent()) {
                        chest = BodyTurning.turned(chest, turning.get());
                    }
                }
            }
            return Bearing.from(chest.value());
        }
    }

    private static int turn(Move move) {
        return switch (move) {
            case Move.TurnBody turn ->
                switch (turn.part()) {
                    case WHOLE, HIPS -> 0;
                    case CHEST -> 1;
                };
            case Move.OfFoot _ -> 2;
            case Move.Shift _ -> 3;
            case Move.ChangeDepth _, Move.Incline _ -> 4;
            case Move.HoldBall _, Move.RelateHands _ -> 5;
            case Move.PlaceHand _, Move.Circle _ -> 6;
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
            case Move.Raise raise -> footing.raise(pose, raise);
            case Move.Lift lift -> emptied(footing.lift(pose, lift), lift.foot());
            case Move.Kicking kick -> emptied(footing.kick(pose, kick), kick.foot());
            case Move.DrawBack back -> emptied(footing.drawBack(pose, back), back.foot());
            case Move.Stamp stamp -> emptied(footing.stamp(pose, stamp), stamp.foot());
            case Move.TurnFoot turn -> footing.turnFoot(pose, turn);
            case Move.Shift shift -> pose.withWeight(share(shift.split(), rules));
            case Move.TurnBody turn -> BodyTurning.after(pose, turn);
            case Move.ChangeDepth depth -> pose.withDrop(PelvisHeight.after(pose, depth.depth(), this));
            case Move.PlaceHand hand -> placed(pose, hand);
            case Move.Incline incline -> pose.withLean(leaning(pose.lean(), incline, begin));
            case Move.HoldBall ball -> BallHold.after(pose, ball);
            case Move.RelateHands hands -> HandRelations.after(pose, hands, body);
            case Move.Circle _ -> pose;
            case Move.HandleProp prop ->
                pose.withProp(Handling.after(pose.prop(), prop).map(held -> fixed(held, begin)));
            case Move.Look look -> pose.withGaze(fixed(look.at(), begin));
        };
    }

    /** A hand that goes to a place of its own ends what it held with the other. */
    private static Pose placed(Pose pose, Move.PlaceHand hand) {
        Pose placed = pose.withHand(hand.hand(), pose.hand(hand.hand()).with(hand.to()));
        return hand.to().places() ? placed.withHold(Optional.empty()) : placed;
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

    /** An incline without a number is a small one. */
    private static Lean leaning(Lean before, Move.Incline move, Begin begin) {
        Bearing toward = move.toward().map(begin::bearing).orElse(begin.facing());
        int degrees = move.degrees().orElse(before.degrees() == 0 ? UNSAID_LEAN : before.degrees());
        return degrees == 0 ? Lean.UPRIGHT : new Lean(degrees, toward);
    }

    private static HeldProp fixed(HeldProp held, Begin begin) {
        return held.pointing(Optional.empty(), held.toward().map(to -> new Direction.OfPosture(begin.bearing(to))));
    }

    private static Gaze fixed(Gaze gaze, Begin begin) {
        return switch (gaze) {
            case Gaze.Ahead ahead -> ahead;
            case Gaze.AtHand hand -> hand;
            case Gaze.Toward(var direction) -> new Gaze.Toward(new Direction.OfPosture(begin.bearing(direction)));
        };
    }
}
