package app.avrel.desktop.stagefloor;

import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.files.Demo;
import app.avrel.form.Form;
import app.avrel.form.Track;
import app.avrel.form.Unroll;
import app.avrel.project.Project;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class StopsTest {

    private static final Project DEMO = Demo.project();
    private static final Form FORM = DEMO.forms().getFirst();
    private static final Track TRACK = Unroll.form(FORM, DEMO.shelf(), DEMO.posing(FORM));

    private static WalkPicture picture(int entry) {
        List<String> numbers =
                DEMO.numbering(FORM).of(FORM).stream().map(Object::toString).toList();
        return new WalkPicture(TRACK, DEMO.setting().chosenBody(), Optional.empty(), entry, 0, "12", numbers);
    }

    private static List<Stops.Stop> stops(int entry, double apart) {
        WalkPicture picture = picture(entry);
        WalkPath path = new WalkPath(picture);
        return Stops.of(picture, path.standings(), FloorScale.fitting(path.extent(), 0.5, 2, 600, 400), apart);
    }

    @ParameterizedTest
    @ValueSource(ints = {0, 5, 9, 20, 26})
    void theOneThatIsLitHasItsNumberWhateverElseMustGiveWay(int entry) {
        assertThat(stops(entry, 30)).first().extracting(Stops.Stop::entry).isEqualTo(entry);
    }

    @ParameterizedTest
    @ValueSource(doubles = {8, 20, 45, 120})
    void noTwoNumbersLieOverEachOther(double apart) {
        List<Stops.Stop> stops = stops(3, apart);
        for (int i = 0; i < stops.size(); i++) {
            for (int k = 0; k < i; k++) {
                assertThat(Math.hypot(
                                stops.get(i).x() - stops.get(k).x(),
                                stops.get(i).y() - stops.get(k).y()))
                        .isGreaterThanOrEqualTo(apart);
            }
        }
    }

    @ParameterizedTest
    @ValueSource(ints = {1, 9})
    void aPointerOnANumberFindsItsPostureAndOneBesideFindsNone(int entry) {
        List<Stops.Stop> stops = stops(entry, 30);
        Stops.Stop lit = stops.getFirst();
        assertThat(Stops.near(stops, lit.x() + 2, lit.y() - 2, 15)).contains(lit);
        assertThat(Stops.near(stops, -500, -500, 15)).isEmpty();
        assertThat(lit.name())
                .isEqualTo(TRACK.lastOf(entry).orElseThrow().posture().name());
    }
}
