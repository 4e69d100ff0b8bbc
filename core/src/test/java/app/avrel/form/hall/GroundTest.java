package app.avrel.form.hall;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.avrel.floor.FloorPoint;
import app.avrel.floor.Turn;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;

/** A walk two metres to the right and one ahead, in an empty hall of six by four metres. */
class GroundTest {

    private static final Hall HALL = Hall.of("Mill room", 6, 4);

    private static final Walk WALK = new Walk(
            List.of(new FloorPoint(0, 0), new FloorPoint(2, 0), new FloorPoint(2, 1), new FloorPoint(0, 1)), 1.2);

    @Test
    void theRoomNeededIsTheReachWithTheClearanceOnEverySide() {
        assertThat(WALK.width(0.3)).isCloseTo(2.6, within(1e-9));
        assertThat(WALK.depth(0.3)).isCloseTo(1.6, within(1e-9));
    }

    @Test
    void theBestStartKeepsFarthestFromTheWalls() {
        FloorPoint start = Ground.of(HALL, WALK).best().orElseThrow();
        double right = HALL.width() - (start.right() + WALK.right());
        double front = -(start.ahead() + WALK.ahead());
        double back = HALL.depth() + start.ahead();
        assertThat(Math.min(front, back)).isCloseTo(1.5, within(0.051));
        assertThat(Math.min(start.right(), right)).isGreaterThanOrEqualTo(1.4);
    }

    @Test
    void aWalkThatIsTooLongDoesNotFitUnlessItIsTurned() {
        Walk across = new Walk(List.of(new FloorPoint(0, 0), new FloorPoint(5, 0)), 1);
        Hall deep = Hall.of("Corridor", 3, 8);
        assertThat(Ground.of(deep, across).best()).isEmpty();
        assertThat(Ground.of(deep, Ground.turned(across, Turn.right(90))).best())
                .isPresent();
    }

    @RepeatedTest(20)
    void noLearnerReachesAWallOrAPillarOrAnother(RepetitionInfo repetition) {
        Random random = new Random(repetition.getCurrentRepetition());
        Hall hall = HALL.withSize(6 + random.nextInt(6), 4 + random.nextInt(6))
                .withPillars(List.of(new Pillar(1 + 4 * random.nextDouble(), 1 + 2 * random.nextDouble(), 0.4)))
                .withClass(Arrangement.values()[random.nextInt(2)], Optional.empty());
        Ground ground = Ground.of(hall, WALK);
        List<FloorPoint> learners = ground.learners();
        for (FloorPoint one : learners) {
            for (FloorPoint reached : WALK.reached()) {
                double x = one.right() + reached.right();
                double y = -(one.ahead() + reached.ahead());
                assertThat(List.of(x, hall.width() - x, y, hall.depth() - y))
                        .allMatch(off -> off >= hall.clearance() - 1e-6);
                assertThat(hall.pillars().getFirst().distance(x, y)).isGreaterThanOrEqualTo(hall.clearance() - 1e-6);
            }
            assertThat(learners.stream()
                            .filter(other -> other != one)
                            .mapToDouble(one::distance)
                            .min()
                            .orElse(9))
                    .isGreaterThanOrEqualTo(WALK.breadth() + hall.clearance() - 0.08);
        }
    }

    @Test
    void moreFitWhereLessIsKeptFreeAndNoneWhereTheWalkDoesNotFit() {
        List<Integer> fitting = IntStream.of(60, 30, 0)
                .mapToObj(free -> Ground.of(HALL.withSize(9, 7).withClearance(free / 100.0), WALK)
                        .learners()
                        .size())
                .toList();
        assertThat(fitting).isSorted();
        assertThat(fitting.getFirst()).isPositive();
        assertThat(Ground.of(HALL.withSize(2, 4), WALK).learners()).isEmpty();
    }

    @Test
    void aWiderSpacingThanNeededIsKept() {
        Ground close = Ground.of(HALL.withSize(12, 9), WALK);
        Ground wide = Ground.of(HALL.withSize(12, 9).withClass(Arrangement.ROWS, Optional.of(3.0)), WALK);
        assertThat(wide.learners().size()).isLessThan(close.learners().size());
        assertThat(close.leastSpacing()).isCloseTo(1.5, within(1e-9));
    }

    @Test
    void sizesThatCannotBeAreRefusedWithWhatTheyWere() {
        assertThatThrownBy(() -> Hall.of("Cupboard", 1, 3)).hasMessage("a hall must be wide 2 to 100 m, but was 1 m");
        assertThatThrownBy(() -> new Door(Wall.BACK, 2, 0.1))
                .hasMessage("a door must be wide 0.3 to 100 m, but was 0.1 m");
        assertThatThrownBy(() -> HALL.withClearance(Double.NaN))
                .hasMessageStartingWith("the clearance must be 0 to 2 m");
    }
}
