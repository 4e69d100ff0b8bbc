package app.avrel.words.reading;

import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.floor.Directions;
import app.avrel.floor.Heading;
import app.avrel.house.HouseRules;
import app.avrel.label.Language;
import app.avrel.motion.Standing;
import app.avrel.words.Wording;
import org.junit.jupiter.api.Test;

/** A slip of the fingers is read as the word that was meant, and it is told which. */
class MendedSlipsTest {

    private static LineReading read(Language language, String typed) {
        return new Line(
                        language,
                        new Wording(Directions.CLOCK, Heading.FRONT, HouseRules.LARGE_FRAME),
                        Standing.POSING.body())
                .read(typed, Standing.shoulderWide());
    }

    @Test
    void everySlipIsToldWithWhatItIsReadAs() {
        LineReading reading = read(Language.ENGLISH, "right foot foward, shfit 70 right");
        assertThat(reading.understood()).isTrue();
        assertThat(reading.mended())
                .containsExactly(new LineReading.Mended("foward", "forward"), new LineReading.Mended("shfit", "shift"));
    }

    @Test
    void whatIsTypedRightIsNotTold() {
        assertThat(read(Language.ENGLISH, "right foot forward, shift 70 right").mended())
                .isEmpty();
        assertThat(read(Language.SPANISH, "el pie derecho da un paso atrás").mended())
                .as("an accent is no slip, nor is it one to leave it out")
                .isEmpty();
        assertThat(read(Language.SPANISH, "pie izqierdo adelante").mended())
                .containsExactly(new LineReading.Mended("izqierdo", "izquierdo"));
    }
}
