package app.avrel.body;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Map;
import org.junit.jupiter.api.Test;

/** Measures taken with a tape. */
class MeasuresTest {

    private static final Body LONG_FEET = Body.ofStature(1.70).withMeasures(Map.of(Measure.FOOT_LENGTH, 280));

    @Test
    void aMeasureThatWasTakenStandsInPlaceOfTheUsualShare() {
        assertThat(LONG_FEET.footLength()).isEqualTo(0.28);
        assertThat(LONG_FEET.metres(Length.footLengths(2))).isEqualTo(0.56);
        assertThat(LONG_FEET.shoulderWidth()).isEqualTo(Body.ofStature(1.70).shoulderWidth());
    }

    @Test
    void aMeasureThatNoSuchBodyHasIsRefused() {
        assertThatThrownBy(() -> LONG_FEET.withMeasures(Map.of(Measure.FOOT_LENGTH, 600)))
                .hasMessage("foot, heel to toe must be 129 to 413 mm for this stature, but was 600 (body 170 cm)");
    }

    @Test
    void anotherStatureKeepsTheMeasuresThatFitIt() {
        assertThat(LONG_FEET.withStature(1.85).footLength()).isEqualTo(0.28);
        assertThat(LONG_FEET.withStature(1.10).measures()).isEmpty();
    }
}
