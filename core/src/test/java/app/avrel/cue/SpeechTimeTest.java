package app.avrel.cue;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.avrel.posture.count.Language;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SpeechTimeTest {

    /** Measured with one synthetic voice at 140 words a minute. */
    @ParameterizedTest(name = "{0}: {1} s")
    @CsvSource(
            delimiter = '|',
            value = {
                "Breathe in.|0.61",
                "Sink, and let the shoulders drop.|2.33",
                "Shift the weight to the right leg.|1.90",
                "Step out with the left heel.|1.69",
                "Turn the waist to the left, and open the left foot.|3.36",
                "Roll the weight forward, and press with both hands.|3.39",
                "Empty the left foot, then draw it in beside the right.|3.57",
                "Breathe out slowly as the palms float down to the hips.|3.34",
                "Keep the crown of the head lifted, and the knees soft.|3.29",
                "Pivot on the heel of the back foot, forty-five degrees.|3.66",
                "Separate the hands, the right one rising, the left one falling, and sit back.|5.57"
            })
    void theEstimateIsWithinFourTenthsOfAMeasuredVoice(String cue, double measured) {
        assertThat(SpeechTime.of(Language.ENGLISH).seconds(cue)).isCloseTo(measured, within(0.4));
    }

    @Test
    void nothingSaidTakesNoTime() {
        assertThat(SpeechTime.of(Language.ENGLISH).seconds("  ")).isZero();
    }

    @ParameterizedTest
    @CsvSource({"weight, 1", "shoulders, 2", "beside, 2", "lifted, 2", "rolled, 1", "circle, 2", "70, 2", "the, 1"})
    void syllablesAreCountedByEar(String word, int syllables) {
        assertThat(SpeechTime.syllables(word)).isEqualTo(syllables);
    }

    @Test
    void moreWordsTakeLonger() {
        String cue = "Shift the weight to the right leg";
        assertThat(SpeechTime.of(Language.ENGLISH).seconds(cue + ", slowly"))
                .isGreaterThan(SpeechTime.of(Language.ENGLISH).seconds(cue));
    }
}
