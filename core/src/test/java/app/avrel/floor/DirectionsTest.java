package app.avrel.floor;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

class DirectionsTest {

    private static final Heading FACING_EAST = new Heading(90);

    @ParameterizedTest
    @CsvSource({
        "0, 0°, 12, north, front",
        "45, 45°, 1:30, north-east, front right corner",
        "90, 90°, 3, east, right wall",
        "250, 250°, 8:20, west - 20°, left wall - 20°",
        "25, 25°, 12:50, north-east - 20°, front right corner - 20°",
        "70, 70°, 2:20, east - 20°, right wall - 20°",
        "110, 110°, 3:40, east + 20°, right wall + 20°",
        "184, 184°, 6:10, south, back wall",
        "357, 357°, 11:50, north, front"
    })
    void aHeadingIsSaidInEachVocabulary(double degrees, String inDegrees, String clock, String compass, String hall) {
        Heading heading = new Heading(degrees);
        assertThat(said(DirectionWords.DEGREES, heading)).isEqualTo(inDegrees);
        assertThat(said(DirectionWords.CLOCK, heading)).isEqualTo(clock);
        assertThat(said(DirectionWords.COMPASS, heading)).isEqualTo(compass);
        assertThat(said(DirectionWords.HALL, heading)).isEqualTo(hall);
    }

    private static String said(DirectionWords words, Heading heading) {
        return Directions.CLOCK.withWords(words).say(heading);
    }

    @Test
    void straightBehindIsOneDirectionWhicheverWayRoundItIsCounted() {
        assertThat(Direction.wrapping(-180)).isEqualTo(Direction.BACK);
        assertThat(Direction.wrapping(540)).isEqualTo(Direction.BACK);
        assertThat(Direction.wrapping(270)).isEqualTo(Direction.LEFT);
    }

    @Test
    void theCompassTurnsWithTheDirectionTheFormStartsIn() {
        Directions east = new Directions(DirectionWords.COMPASS, FACING_EAST, List.of());
        assertThat(east.say(Heading.FRONT)).isEqualTo("east");
        assertThat(east.say(new Heading(90))).isEqualTo("south");
        assertThat(east.parse("north")).contains(new Heading(270));
    }

    @ParameterizedTest
    @CsvSource({
        "12, 0",
        "3 o'clock, 90",
        "1:30, 45",
        "8:20, 250",
        "90°, 90",
        "-45 degrees, 315",
        "North-East, 45",
        "south west, 225",
        "front, 0",
        "front wall, 0",
        "the left wall, 270",
        "back right corner, 135",
        "east + 20°, 110"
    })
    void everyVocabularyIsReadAtAnyTime(String text, double degrees) {
        for (DirectionWords words : DirectionWords.values()) {
            assertThat(Directions.CLOCK.withWords(words).parse(text)).contains(new Heading(degrees));
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "13", "0", "1:75", "purple", "norther", "45"})
    void whatIsNoDirectionIsNotRead(String text) {
        assertThat(Directions.CLOCK.parse(text)).isEmpty();
    }

    @ParameterizedTest
    @EnumSource(DirectionWords.class)
    void whatIsSaidIsReadBackWithinFiveDegrees(DirectionWords words) {
        Directions directions = new Directions(words, FACING_EAST, List.of());
        for (int degrees = 0; degrees < 360; degrees++) {
            Heading heading = new Heading(degrees);
            Heading back = directions.parse(directions.say(heading)).orElseThrow();
            assertThat(back.degreesFrom(heading)).as(directions.say(heading)).isLessThanOrEqualTo(5);
        }
    }
}
