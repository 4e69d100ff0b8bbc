package app.avrel.desktop.postures;

import app.avrel.body.Body;
import app.avrel.body.Landmark;
import app.avrel.body.Length;
import app.avrel.body.Side;
import app.avrel.floor.Bearing;
import app.avrel.floor.Direction;
import app.avrel.floor.FloorPoint;
import app.avrel.floor.FloorVector;
import app.avrel.motion.Pose;
import app.avrel.posture.count.Count;
import app.avrel.posture.hand.HandPlace;
import app.avrel.posture.move.Move;
import app.avrel.posture.move.Pivot;
import app.avrel.posture.move.Split;
import app.avrel.posture.move.StepPlace;
import app.avrel.posture.move.Toes;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.function.UnaryOperator;

/**
 * Turns what was done by hand on floor and figure into moves of a count: the move of that kind changes, or is added.
 *
 * @param pose how one stands at the end of the count, in the posture's own frame; so are all places and bearings
 */
record HandsOn(Pose pose, Body body) {

    private static final double LEVEL = 0.25;

    /** {@return the count with a foot going to a place} */
    Count step(Count count, Side foot, FloorPoint heel) {
        StepPlace place = place(foot, heel);
        return put(
                count,
                move -> move instanceof Move.Step step && step.foot() == foot,
                move -> move instanceof Move.Step(Side side, StepPlace _, var landing, var toes, var way)
                        ? new Move.Step(side, place, landing, toes, way)
                        : move,
                new Move.Step(foot, place, Optional.empty(), Optional.of(toes(foot)), Optional.empty()));
    }

    /** A foot put elsewhere goes on pointing where it does. */
    private Toes toes(Side foot) {
        return new Toes.Toward(ofPosture(pose.foot(foot).heading().value()));
    }

    private static Direction ofPosture(Bearing bearing) {
        return new Direction.OfPosture(Bearing.wrapping(Math.round(bearing.degrees())));
    }

    private StepPlace place(Side foot, FloorPoint heel) {
        FloorVector way = heel.minus(pose.foot(foot.other()).heel().value());
        double ahead = way.along(pose.facing()) / body.footLength();
        double wide = foot.sign() * way.along(pose.facing().right()) / body.shoulderWidth();
        Optional<Length> width = Optional.of(Length.shoulderWidths(rounded(wide)));
        if (Math.abs(ahead) < LEVEL) {
            return new StepPlace.LevelWithHeel(width);
        }
        Direction direction = ahead > 0 ? Direction.FORWARD : Direction.BACK;
        return new StepPlace.Along(direction, Optional.of(Length.footLengths(rounded(Math.abs(ahead)))), width);
    }

    private static double rounded(double number) {
        return Math.round(number * 20) / 20.0;
    }

    /** {@return the count with a foot turned} */
    Count turn(Count count, Side foot, Pivot on, Bearing toes) {
        Toes toward = new Toes.Toward(ofPosture(toes));
        return put(
                count,
                move -> move instanceof Move.TurnFoot turn && turn.foot() == foot && turn.on() == on,
                _ -> new Move.TurnFoot(foot, on, Optional.of(toward)),
                new Move.TurnFoot(foot, on, Optional.of(toward)));
    }

    /** {@return the count with the weight shared so} */
    static Count weight(Count count, int leftPercent) {
        Move shift = new Move.Shift(Split.on(Side.LEFT, leftPercent));
        return put(count, Move.Shift.class::isInstance, _ -> shift, shift);
    }

    /** {@return the count with a hand at a height} */
    static Count hand(Count count, Side hand, Landmark height) {
        return put(
                count,
                move -> move instanceof Move.PlaceHand place && place.hand() == hand,
                move -> move instanceof Move.PlaceHand(Side side, HandPlace to, var path)
                        ? new Move.PlaceHand(side, to.withHeight(height), path)
                        : move,
                new Move.PlaceHand(hand, HandPlace.UNSAID.withHeight(height), Optional.empty()));
    }

    /** The last move of a kind is changed; where there is none, one is added to the last stage. */
    private static Count put(Count count, Predicate<Move> kind, UnaryOperator<Move> change, Move fresh) {
        int last = count.stages().size() - 1;
        for (int s = last; s >= 0; s--) {
            List<Move> moves = count.stages().get(s).moves();
            for (int m = moves.size() - 1; m >= 0; m--) {
                if (kind.test(moves.get(m))) {
                    int at = m;
                    return count.changing(s, all -> all.set(at, change.apply(all.get(at))));
                }
            }
        }
        return count.changing(last, all -> all.add(fresh));
    }
}
