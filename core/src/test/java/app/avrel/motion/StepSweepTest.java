package app.avrel.motion;

import static app.avrel.motion.Standing.after;
import static app.avrel.motion.Standing.apart;
import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.body.Length;
import app.avrel.body.Side;
import app.avrel.floor.Bearing;
import app.avrel.floor.Direction;
import app.avrel.floor.FloorPoint;
import app.avrel.floor.Turn;
import app.avrel.posture.move.BodyPart;
import app.avrel.posture.move.Contact;
import app.avrel.posture.move.Move;
import app.avrel.posture.move.StepPlace;
import app.avrel.posture.move.Toes;
import app.avrel.posture.move.Turning;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** Whoever names a direction a little further round means a place a little further round: nothing jumps anywhere. */
class StepSweepTest {

    private static final double FROM_ONE_TO_THE_NEXT = 0.15;
    private static final int STEP = 5;

    /** A way of naming a direction. */
    private record Naming(String name, Function<Double, Direction> of) {
        @Override
        public String toString() {
            return name;
        }
    }

    private static final List<Naming> NAMINGS = List.of(
            new Naming(
                    "of the body", degrees -> new Direction.OfBody(new Turn(degrees > 180 ? degrees - 360 : degrees))),
            new Naming("of the hall", degrees -> new Direction.OfPosture(Bearing.wrapping(degrees))));

    static Stream<Arguments> sweeps() {
        return Stream.of(Side.values())
                .flatMap(side -> NAMINGS.stream()
                        .flatMap(naming -> Stream.of(-1.0, 0.0, 0.25, 0.5, 1.0)
                                .flatMap(width -> Stream.of(-30, 0, 30)
                                        .map(turned -> Arguments.of(side, naming, width, turned)))));
    }

    @ParameterizedTest(name = "{0}, {1}, {2} shoulder widths, body turned {3}")
    @MethodSource("sweeps")
    void noHeelLeapsWhereADirectionPassesAQuarterTurn(Side side, Naming naming, double width, int turned) {
        Optional<Length> wide = width < 0 ? Optional.empty() : Optional.of(Length.shoulderWidths(width));
        sweep(side, naming, turned, _ -> Optional.empty(), wide);
    }

    @ParameterizedTest(name = "{0}, {1}, {2} shoulder widths, body turned {3}")
    @MethodSource("sweeps")
    void norWhereTheToesAreSaidToPointAhead(Side side, Naming naming, double width, int turned) {
        Optional<Length> wide = width < 0 ? Optional.empty() : Optional.of(Length.shoulderWidths(width));
        sweep(side, naming, turned, _ -> Optional.of(new Toes.Toward(Direction.FORWARD)), wide);
    }

    private static void sweep(
            Side side, Naming naming, int turned, Function<Direction, Optional<Toes>> toes, Optional<Length> width) {
        Pose before =
                after(apart(0, 0.3), new Move.TurnBody(BodyPart.WHOLE, Optional.of(new Turning.By(new Turn(turned)))));
        FloorPoint standing = before.foot(side.other()).heel().value();
        FloorPoint last = null;
        for (int degrees = 0; degrees <= 360; degrees += STEP) {
            Direction direction = naming.of().apply((double) degrees);
            Move step = new Move.Step(
                    side,
                    new StepPlace.Along(direction, Optional.of(Length.footLengths(1.5)), width),
                    Optional.of(Contact.HEEL),
                    toes.apply(direction),
                    Optional.empty());
            Pose stepped = after(before, step);
            FloorPoint heel = stepped.foot(side).heel().value();
            assertThat(stepped.foot(side.other()).heel().value()).isEqualTo(standing);
            if (last != null) {
                double apart = Math.max(heel.distance(standing), last.distance(standing));
                assertThat(heel.distance(last))
                        .as("from %d to %d degrees", degrees - STEP, degrees)
                        .isLessThanOrEqualTo(FROM_ONE_TO_THE_NEXT * apart);
            }
            last = heel;
        }
    }
}
