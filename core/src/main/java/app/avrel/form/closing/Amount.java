package app.avrel.form.closing;

import app.avrel.body.Body;
import app.avrel.body.Length;
import app.avrel.floor.Turn;
import app.avrel.posture.Posture;
import app.avrel.posture.PostureId;
import app.avrel.posture.count.Counts;
import app.avrel.posture.move.Move;
import app.avrel.posture.move.StepPlace;
import app.avrel.posture.move.Turning;
import java.util.Optional;

/**
 * An amount that is said in a posture and may be said otherwise: how far a step goes, how wide it is, how far the body
 * turns.
 *
 * @param posture in which it is said, as recorded
 * @param count in which it is said, from 0; {@code stage} and {@code move} likewise within it
 * @param kind what it is
 * @param said how much is recorded: metres for the body, or degrees, to the right positive
 * @param least the least it may become under the house rules, and {@code most} the most
 */
public record Amount(
        PostureId posture, int count, int stage, int move, Kind kind, double said, double least, double most) {

    /** What is said. */
    public enum Kind {
        DISTANCE(0.1),
        WIDTH(0.1),
        TURN(6);

        private final double unit;

        Kind(double unit) {
            this.unit = unit;
        }

        /** {@return a change of so many metres or degrees that is as large as one of another kind} */
        double unit() {
            return unit;
        }
    }

    /** {@return how large a change to another value is, in changes of ten centimetres or six degrees} */
    public double size(double to) {
        return Math.abs(to - said) / kind.unit();
    }

    /** {@return whether a value is within the house's range} */
    boolean allows(double to) {
        return to >= least - 1e-9 && to <= most + 1e-9;
    }

    /** {@return the value to which this one is recorded: a hundredth of the unit it is said in, or a whole degree} */
    double recorded(double to, Posture in, Body body) {
        return switch (kind) {
            case TURN -> Math.rint(to);
            case DISTANCE, WIDTH ->
                length(in).map(was -> body.metres(as(to, was, body))).orElse(to);
        };
    }

    private static Length as(double metres, Length like, Body body) {
        double unit = body.metres(new Length(1, like.unit()));
        return Length.limited(metres / unit, like.unit());
    }

    private Optional<Length> length(Posture in) {
        return moveIn(in)
                        instanceof
                        Move.Step(var _, StepPlace.Along(var _, var distance, var width), var _, var _, var _)
                ? kind == Kind.WIDTH ? width : distance
                : Optional.empty();
    }

    private Move moveIn(Posture in) {
        return in.counts().get(count).stages().get(stage).moves().get(move);
    }

    /** {@return the posture with another value said here} */
    public Posture in(Posture posture, double to, Body body) {
        Move was = moveIn(posture);
        Move becomes = switch (was) {
            case Move.Step(
                    var foot,
                    StepPlace.Along(var way, var distance, var width),
                    var landing,
                    var toes,
                    var how) ->
                new Move.Step(
                        foot,
                        new StepPlace.Along(
                                way,
                                kind == Kind.DISTANCE ? distance.map(length -> as(to, length, body)) : distance,
                                kind == Kind.WIDTH ? width.map(length -> as(to, length, body)) : width),
                        landing,
                        toes,
                        how);
            case Move.TurnBody(var part, var _) -> new Move.TurnBody(part, Optional.of(new Turning.By(new Turn(to))));
            default -> throw new IllegalStateException("no amount is said in " + was);
        };
        return posture.withCounts(Counts.change(
                posture.counts(), count, whole -> whole.changing(stage, moves -> moves.set(move, becomes))));
    }
}
