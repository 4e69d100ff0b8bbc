package app.avrel.mechanics;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.avrel.body.Side;
import app.avrel.mechanics.SimulatedScales.Standing;
import java.util.stream.IntStream;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class SimulatedScalesTest {

    private static double share(TwoScales scales) {
        return 100 * scales.left() / (scales.left() + scales.right());
    }

    private static double middle(Scales scales, int from, int to) {
        return IntStream.range(from * 10, to * 10)
                .mapToDouble(tenth -> share(scales.at(tenth / 10.0)))
                .average()
                .orElseThrow();
    }

    @ParameterizedTest
    @ValueSource(ints = {0, 15, 50, 65, 100})
    void whoStandsStillAndDoesNotErrShowsWhatTheyMean(int left) {
        Scales scales = new SimulatedScales(new Standing(70, left, 0, 0, 0), 1);
        assertThat(share(scales.at(0))).isCloseTo(left, Offset.offset(0.1));
        assertThat(share(scales.at(30))).isCloseTo(left, Offset.offset(0.1));
        assertThat(scales.at(3).share().least(Side.LEFT)).isEqualTo(left);
    }

    @Test
    void bothScalesTogetherShowTheWholeBody() {
        Scales scales = new SimulatedScales(new Standing(82, 60, 5, 4, 2), 3);
        for (int second = 0; second < 60; second++) {
            TwoScales shown = scales.at(second);
            assertThat(shown.left() + shown.right()).isCloseTo(82, Offset.offset(0.051));
        }
    }

    @Test
    void swayStaysWithinItsBoundsAndComesAndGoes() {
        Scales scales = new SimulatedScales(new Standing(70, 50, 4, 0, 0), 9);
        double least = 100;
        double most = 0;
        for (int tenth = 0; tenth < 1200; tenth++) {
            double share = share(scales.at(tenth / 10.0));
            least = Math.min(least, share);
            most = Math.max(most, share);
        }
        assertThat(least).isBetween(45.8, 49.5);
        assertThat(most).isBetween(50.5, 54.2);
        assertThat(middle(scales, 0, 120)).isCloseTo(50, Offset.offset(0.5));
    }

    @Test
    void anErrorIsThereFromTheStartAndADriftGrows() {
        Scales erring = new SimulatedScales(new Standing(70, 50, 0, 8, 0), 1);
        assertThat(share(erring.at(0))).isCloseTo(58, Offset.offset(0.1));
        Scales drifting = new SimulatedScales(new Standing(70, 50, 0, 0, 6), 1);
        assertThat(share(drifting.at(0))).isCloseTo(50, Offset.offset(0.1));
        assertThat(share(drifting.at(60))).isCloseTo(56, Offset.offset(0.1));
    }

    @Test
    void nobodyPutsMoreThanAllOnAFoot() {
        Scales scales = new SimulatedScales(new Standing(70, 98, 12, 20, 10), 2);
        for (int second = 0; second < 120; second++) {
            assertThat(share(scales.at(second))).isBetween(0.0, 100.0);
        }
    }

    @Test
    void theSameSeedShowsTheSame() {
        Standing standing = new Standing(70, 60, 5, 2, 1);
        assertThat(new SimulatedScales(standing, 4).at(7.3)).isEqualTo(new SimulatedScales(standing, 4).at(7.3));
        assertThat(new SimulatedScales(standing, 4).at(7.3)).isNotEqualTo(new SimulatedScales(standing, 5).at(7.3));
    }

    @ParameterizedTest
    @CsvSource({
        "10, 50, 1, 0, 0, kilograms must be 20.0 to 250.0",
        "70, 101, 1, 0, 0, left share must be 0.0 to 100.0",
        "70, 50, 21, 0, 0, sway must be 0.0 to 20.0",
        "70, 50, 1, 41, 0, error must be -40.0 to 40.0",
        "70, 50, 1, 0, NaN, drift must be -20.0 to 20.0"
    })
    void nobodyStandsLikeThat(double weighs, double left, double sway, double error, double drift, String message) {
        assertThatThrownBy(() -> new Standing(weighs, left, sway, error, drift))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageStartingWith(message);
    }
}
