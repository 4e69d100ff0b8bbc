package app.avrel.desktop.stagefloor;

import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.files.Demo;
import app.avrel.floor.FloorPoint;
import app.avrel.form.Entry;
import app.avrel.form.Form;
import app.avrel.form.Occurrence;
import app.avrel.form.Track;
import app.avrel.form.Unroll;
import app.avrel.project.Project;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class WalkPathTest {

    private static final Project DEMO = Demo.project();

    private static WalkPath path(Form form, int entry) {
        Track track = Unroll.form(form, DEMO.shelf(), DEMO.posing(form));
        return new WalkPath(
                new WalkPicture(track, DEMO.setting().chosenBody(), Optional.empty(), entry, 0, "12", List.of()));
    }

    private static Form demo() {
        return DEMO.forms().getFirst();
    }

    private static Form tenTimes() {
        Form form = demo();
        for (Entry entry : Collections.nCopies(9, demo().entries()).stream()
                .flatMap(List::stream)
                .toList()) {
            form = form.append(0, entry.withId(form.freshId()));
        }
        return form;
    }

    @Test
    void aFormThatCanBeSeenAtOnceIsShownStepByStep() {
        WalkPath path = path(demo(), 3);
        assertThat(path.standings()).hasSize(29);
        assertThat(path.atLarge()).isEmpty();
        assertThat(path.steps().getFirst()).isEqualTo(path.start());
        assertThat(path.steps().getLast()).isEqualTo(path.end());
    }

    @Test
    void ofALongFormOnlyWhatStandsAroundTheChosenEntryIsShownStepByStep() {
        WalkPath path = path(tenTimes(), 100);
        assertThat(path.standings())
                .extracting(Occurrence::entry)
                .contains(88, 100, 112)
                .doesNotContain(87, 113);
        int stages = path.standings().stream()
                .mapToInt(done -> done.moments().size())
                .sum();
        assertThat(path.steps()).hasSize(stages + 1);
    }

    @Test
    void aLongFormShowsItsWayAtLargeFromItsStartToItsEnd() {
        WalkPath path = path(tenTimes(), 0);
        assertThat(path.atLarge())
                .hasSizeBetween(30, 100)
                .startsWith(path.start())
                .endsWith(path.end());
        FloorPoint last = path.steps().getLast();
        assertThat(path.extent()).contains(last, path.end());
    }
}
