package app.avrel.desktop.stagefloor;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.avrel.floor.FloorPoint;
import app.avrel.floor.FloorVector;
import java.util.Random;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Looking nearer at a floor: what is under the pointer stays under it. */
class SightTest {

    private static final FloorScale WHOLE = new FloorScale(new FloorPoint(4, -3), 60, 640, 480);

    @Test
    void theWholeIsSeenAtFirst() {
        assertThat(Sight.WHOLE.of(WHOLE)).isEqualTo(WHOLE);
    }

    @Test
    void whatIsUnderThePointerStaysUnderItHoweverOneZooms() {
        Random random = new Random(4);
        for (int i = 0; i < 2000; i++) {
            Sight sight = Sight.WHOLE;
            for (int turn = 0; turn < 6; turn++) {
                double x = random.nextDouble() * 640;
                double y = random.nextDouble() * 480;
                FloorPoint under = sight.of(WHOLE).place(x, y);
                Sight nearer = sight.nearer(0.7 + random.nextDouble(), WHOLE, x, y);
                if (nearer.zoom() > 1) {
                    FloorPoint still = nearer.of(WHOLE).place(x, y);
                    assertThat(still.distance(under)).isLessThan(1e-9);
                }
                sight = nearer;
            }
        }
    }

    @Test
    void whatIsPulledComesAlongWithThePointer() {
        Random random = new Random(8);
        for (int i = 0; i < 2000; i++) {
            Sight sight = Sight.WHOLE.nearer(1 + 5 * random.nextDouble(), WHOLE, 100, 100);
            double x = random.nextDouble() * 640;
            double y = random.nextDouble() * 480;
            double byX = random.nextGaussian() * 40;
            double byY = random.nextGaussian() * 40;
            FloorPoint held = sight.of(WHOLE).place(x, y);
            FloorScale pulled = sight.pulled(byX, byY, WHOLE).of(WHOLE);
            assertThat(pulled.x(held)).isCloseTo(x + byX, Offset.offset(1e-6));
            assertThat(pulled.y(held)).isCloseTo(y + byY, Offset.offset(1e-6));
        }
    }

    @Test
    void allTheWayOutIsTheWholeAgainWhereverOneWas() {
        Sight away = Sight.WHOLE.nearer(6, WHOLE, 20, 30).pulled(300, -200, WHOLE);
        assertThat(away.nearer(0.01, WHOLE, 500, 400)).isEqualTo(Sight.WHOLE);
    }

    @Test
    void nobodyLooksNearerThanTwelveTimes() {
        Sight sight = Sight.WHOLE;
        for (int i = 0; i < 40; i++) {
            sight = sight.nearer(1.3, WHOLE, 320, 240);
        }
        assertThat(sight.zoom()).isEqualTo(12);
    }

    @ParameterizedTest
    @ValueSource(doubles = {0, 0.99, 12.1, Double.NaN})
    void aZoomOutsideItsBoundsIsAMistake(double zoom) {
        assertThatThrownBy(() -> new Sight(zoom, new FloorVector(0, 0)))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessage("zoom must be 1 to 12.0, but was " + zoom);
    }
}
