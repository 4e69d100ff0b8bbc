package app.avrel.motion;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** How much of a width a step keeps beside a direction that nears the sideways. */
class StepLeapTest {

    private static final double STEP = 0.4;

    @ParameterizedTest
    @ValueSource(doubles = {-0.3, -0.1, 0, 0.1, 0.2, 0.3, 0.44})
    void straightAheadAndBackAWidthIsWhatItIsSaidToBe(double width) {
        assertThat(StepLeap.bounded(width, STEP, 0)).isCloseTo(width, within(1e-9));
        assertThat(StepLeap.bounded(width, STEP, 180)).isCloseTo(width, within(1e-9));
        assertThat(StepLeap.bounded(width, STEP, -180)).isCloseTo(width, within(1e-9));
    }

    @ParameterizedTest
    @ValueSource(doubles = {-0.3, 0.1, 0.44})
    void atAQuarterTurnNothingIsLeftOfIt(double width) {
        assertThat(StepLeap.bounded(width, STEP, 90)).isCloseTo(0, within(1e-9));
        assertThat(StepLeap.bounded(width, STEP, -90)).isCloseTo(0, within(1e-9));
    }

    @RepeatedTest(20)
    void theNearerTheSidewaysTheLess(RepetitionInfo repetition) {
        double width = 0.03 * repetition.getCurrentRepetition();
        double last = width;
        for (int off = 0; off <= 90; off++) {
            double now = StepLeap.bounded(width, STEP, off);
            assertThat(now).isLessThanOrEqualTo(last + 1e-9).isNotNegative();
            last = now;
        }
    }

    @RepeatedTest(20)
    void leftAndRightAheadAndBackAreAlike(RepetitionInfo repetition) {
        double off = 4.5 * repetition.getCurrentRepetition();
        double one = StepLeap.bounded(0.25, STEP, off);
        assertThat(StepLeap.bounded(0.25, STEP, -off)).isEqualTo(one);
        assertThat(StepLeap.bounded(0.25, STEP, 180 - off)).isCloseTo(one, within(1e-9));
        assertThat(StepLeap.bounded(-0.25, STEP, off)).isEqualTo(-one);
    }

    @Test
    void aStepOnTheSpotKeepsItsWidth() {
        for (int off = 0; off <= 180; off += 15) {
            assertThat(StepLeap.bounded(0.44, 0, off)).isEqualTo(0.44);
        }
    }

    @Test
    void aNarrowStepIsNotTouchedFarFromTheSideways() {
        assertThat(StepLeap.bounded(0.1, STEP, 45)).isEqualTo(0.1);
        assertThat(StepLeap.bounded(0.1, STEP, 60)).isEqualTo(0.1);
    }
}
