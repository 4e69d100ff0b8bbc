package app.avrel.body;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.avrel.samples.Samples;
import java.util.Map;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class LengthTest {

    @ParameterizedTest(name = "{0} at {1} m is {2} cm")
    @CsvSource({
        "1 foot-length, 1.70, 25.84",
        "1 shoulder width, 1.70, 44.03",
        "0.5 shoulder widths, 1.80, 23.31",
        "2 fists, 1.60, 16",
        "1 inch, 1.70, 2.54",
        "30 cm, 1.91, 30"
    })
    void theSameRecordServesATallAndAShortLearner(String length, double stature, double centimetres) {
        double metres = Body.ofStature(stature).metres(Length.parse(length).orElseThrow());
        assertThat(metres * 100).isCloseTo(centimetres, within(0.01));
    }

    @ParameterizedTest(name = "{0} cm tall: foot {1}, shoulders {2}, fist {3}")
    @CsvSource({"150, 22.8, 38.9, 7.5", "160, 24.3, 41.4, 8.0", "170, 25.8, 44.0, 8.5", "190, 28.9, 49.2, 9.5"})
    void measuresFollowFromStature(double stature, double foot, double shoulders, double fist) {
        Body body = Body.ofStature(stature / 100);
        assertThat(body.footLength() * 100).isCloseTo(foot, within(0.06));
        assertThat(body.shoulderWidth() * 100).isCloseTo(shoulders, within(0.06));
        assertThat(body.fist() * 100).isCloseTo(fist, within(0.06));
    }

    @RepeatedTest(40)
    void whatIsWrittenIsReadBack(RepetitionInfo repetition) {
        Length length = new Samples(repetition.getCurrentRepetition()).length();
        assertThat(Length.parse(length.toString())).contains(length);
    }

    @ParameterizedTest
    @CsvSource({"2 feet, 2 foot-lengths", "half, ''", "1.5 foot lengths, 1.5 foot-lengths", "'12,5 cm', 12.5 cm"})
    void commonWaysOfWritingAreRead(String text, String canonical) {
        assertThat(Length.parse(text).map(Length::toString).orElse("")).isEqualTo(canonical);
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "two", "3", "5 moons", "9999 cm", "--1 cm"})
    void whatIsNoLengthIsNotRead(String text) {
        assertThat(Length.parse(text)).isEmpty();
    }

    /** A thousandth of a fist nobody can do: what is recorded is what is written, to the hundredth. */
    @ParameterizedTest
    @CsvSource({"0.0004, 0 foot-lengths", "1.239, 1.24 foot-lengths", "-0.001, 0 foot-lengths", "2.005, 2 foot-lengths"
    })
    void aLengthIsKeptToTheHundredth(double amount, String written) {
        assertThat(Length.footLengths(amount).toString()).isEqualTo(written);
        assertThat(Length.parse(written)).contains(Length.footLengths(amount));
    }

    @Test
    void whatIsComputedBeyondTheLimitIsTakenToTheNearest() {
        assertThat(Length.limited(4000, LengthUnit.INCH)).isEqualTo(new Length(1000, LengthUnit.INCH));
        assertThat(Length.limited(-4000, LengthUnit.INCH)).isEqualTo(new Length(-1000, LengthUnit.INCH));
        assertThat(Length.limited(12, LengthUnit.FIST)).isEqualTo(Length.fists(12));
    }

    @Test
    void measuredShouldersAreHalvedForTheJoints() {
        Body broad = Body.ofStature(1.7).withMeasures(Map.of(Measure.SHOULDER_WIDTH, 480));
        assertThat(broad.halfShoulders()).isCloseTo(0.24, within(1e-9));
        assertThat(Body.ofStature(1.7).halfShoulders() * 2)
                .isCloseTo(Body.ofStature(1.7).shoulderWidth(), within(1e-9));
    }

    @Test
    void aLengthBeyondTheHallIsRefused() {
        assertThatThrownBy(() -> Length.centimetres(1001)).hasMessage("length must be -1000 to 1000 cm, but was 1001");
        assertThatThrownBy(() -> Length.fists(Double.NaN)).hasMessageContaining("but was NaN");
    }

    @Test
    void aBodyBeyondHumanMeasureIsRefused() {
        assertThatThrownBy(() -> new Body("X", 3)).hasMessage("stature must be 0.8 to 2.5 metres, but was 3 (body X)");
    }
}
