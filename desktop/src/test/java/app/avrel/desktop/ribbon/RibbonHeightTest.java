package app.avrel.desktop.ribbon;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Where there is little height the band is lower, so that the words below it are whole. */
class RibbonHeightTest {

    /** In sizes of text, from the band to below the first line of the chosen count's words. */
    private static final double WORDS = 3.1;

    private static double bottom(double text, double height) {
        return RibbonPainter.middle(text, height) + RibbonPainter.half(text, height) + WORDS * text;
    }

    @ParameterizedTest
    @CsvSource({"11, 160", "14, 162", "14, 110", "22, 255", "22, 167", "22, 164"})
    void theWordsOfACountFitBelowTheBand(double text, double height) {
        assertThat(bottom(text, height)).isLessThanOrEqualTo(height);
    }

    @ParameterizedTest
    @ValueSource(doubles = {11, 14, 18, 22})
    void withRoomTheBandIsAsHighAsItCanBeAndNeverFlat(double text) {
        assertThat(RibbonPainter.half(text, 40 * text)).isEqualTo(2.1 * text);
        assertThat(RibbonPainter.half(text, 0)).isGreaterThan(text / 2);
    }
}
