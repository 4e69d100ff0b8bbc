package app.avrel.mechanics;

import static app.avrel.motion.Standing.BODY;
import static app.avrel.motion.Standing.apart;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.avrel.body.WeightShare;
import app.avrel.motion.CentreOfMass;
import app.avrel.motion.Pose;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** One foot on each of two bathroom scales. */
class TwoScalesTest {

    private static final Pose BOW = apart(0.5, 0.2).withWeight(WeightShare.left(70));

    @ParameterizedTest
    @CsvSource({"49, 21, 70", "42, 28, 60", "70, 0, 100", "0, 154, 0", "50, 16.6, 75"})
    void theShareIsWhatTheLeftScaleShowsOfBoth(double left, double right, int percent) {
        assertThat(new TwoScales(left, right).share()).isEqualTo(WeightShare.left(percent));
    }

    @Test
    void scalesThatShowWhatIsClaimedMoveNothing() {
        assertThat(new TwoScales(49, 21).fromClaimed(BOW, BODY).length()).isCloseTo(0, within(1e-9));
    }

    @Test
    void tenPointsLessInFrontAreATenthOfTheWayBetweenThePressurePoints() {
        TwoScales scales = new TwoScales(42, 28);
        double between =
                CentreOfMass.pressurePoint(BOW.left(), BODY).distance(CentreOfMass.pressurePoint(BOW.right(), BODY));
        assertThat(scales.fromClaimed(BOW, BODY).length()).isCloseTo(between / 10, within(1e-9));
        assertThat(scales.fromClaimed(BOW, BODY).along(BOW.facing())).isNegative();
        assertThat(scales.pointsMore(BOW)).isCloseTo(-10, within(1e-9));
    }

    @Test
    void allOnOneScaleIsOverThatFoot() {
        assertThat(new TwoScales(70, 0).centre(BOW, BODY)).isEqualTo(CentreOfMass.pressurePoint(BOW.left(), BODY));
    }

    @Test
    void scalesThatShowNothingAreRefused() {
        assertThatThrownBy(() -> new TwoScales(0, 0))
                .hasMessage("scales must show at least 0 and together something, but showed 0.0 and 0.0");
        assertThatThrownBy(() -> new TwoScales(-1, 50)).hasMessageContaining("showed -1.0 and 50.0");
    }
}
