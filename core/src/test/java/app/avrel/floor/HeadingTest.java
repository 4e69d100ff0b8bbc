package app.avrel.floor;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class HeadingTest {

    @ParameterizedTest
    @ValueSource(doubles = {-0.001, 360, 720, Double.NaN, Double.POSITIVE_INFINITY})
    void aHeadingIsFromNoughtToBelowAFullCircle(double degrees) {
        assertThatThrownBy(() -> new Heading(degrees))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageStartingWith("heading must be at least 0 and below 360 degrees, but was ");
    }

    @ParameterizedTest
    @CsvSource({"0,0", "360,0", "-90,270", "-360,0", "725,5", "359.9,359.9", "-1e-14,0"})
    void anyDegreesWrapRoundTheCircle(double degrees, double heading) {
        assertThat(Heading.wrapping(degrees).degrees()).isCloseTo(heading, within(1e-9));
    }

    @ParameterizedTest(name = "from {0} to {1}: left {2}, right {3}, shorter {4}")
    @CsvSource({
        "0, 90, -270, 90, 90",
        "0, 270, -90, 270, -90",
        "350, 10, -340, 20, 20",
        "10, 350, -20, 340, -20",
        "45, 225, -180, 180, 180",
        "30, 30, 0, 0, 0"
    })
    void aTurnGoesTheWayItIsTold(double from, double to, double left, double right, double shorter) {
        Heading start = new Heading(from);
        Heading target = new Heading(to);
        assertThat(start.turnTo(target, Way.LEFT)).isEqualTo(new Turn(left));
        assertThat(start.turnTo(target, Way.RIGHT)).isEqualTo(new Turn(right));
        assertThat(start.turnTo(target, Way.SHORTER)).isEqualTo(new Turn(shorter));
    }

    @RepeatedTest(50)
    void turningToATargetArrivesThere(RepetitionInfo repetition) {
        Random random = new Random(repetition.getCurrentRepetition());
        Heading from = Heading.wrapping(random.nextDouble() * 360);
        Heading to = Heading.wrapping(random.nextDouble() * 360);
        for (Way way : Way.values()) {
            assertThat(from.plus(from.turnTo(to, way)).degreesFrom(to))
                    .as("seed %d, %s", repetition.getCurrentRepetition(), way)
                    .isCloseTo(0, within(1e-9));
        }
    }

    @RepeatedTest(20)
    void aVectorPointsWhereItsHeadingPoints(RepetitionInfo repetition) {
        Random random = new Random(repetition.getCurrentRepetition());
        Heading heading = Heading.wrapping(random.nextDouble() * 360);
        FloorVector vector = heading.vector(1.5);
        assertThat(vector.length()).isCloseTo(1.5, within(1e-9));
        assertThat(vector.heading().degreesFrom(heading)).isCloseTo(0, within(1e-6));
        assertThat(vector.along(heading)).isCloseTo(1.5, within(1e-9));
        assertThat(vector.along(heading.right())).isCloseTo(0, within(1e-9));
    }

    @Test
    void rightOfTheFrontIsTheStartingPerformersRight() {
        FloorVector step = Heading.FRONT.right().vector(1);
        assertThat(step.right()).isCloseTo(1, within(1e-12));
        assertThat(step.ahead()).isCloseTo(0, within(1e-12));
    }

    @Test
    void turningAVectorAQuarterRightTurnsAheadIntoRight() {
        FloorVector turned = new FloorVector(0, 1).turned(Turn.right(90));
        assertThat(turned.right()).isCloseTo(1, within(1e-12));
        assertThat(turned.ahead()).isCloseTo(0, within(1e-12));
    }

    @Test
    void wholeTurnsAreKeptByTurnsAndDroppedByHeadings() {
        Turn twice = Turn.right(360).plus(Turn.right(400));
        assertThat(twice.degrees()).isEqualTo(760);
        assertThat(Heading.from(twice)).isEqualTo(new Heading(40));
        assertThat(Turn.left(30)).isEqualTo(Turn.right(30).mirrored());
    }
}
