package app.avrel.desktop.ribbon;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.avrel.form.Moment;
import app.avrel.posture.count.Count;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class RibbonScaleTest {

    private static final double TEXT = 16;

    private static RibbonScale posture(double zoom, double scrolled, double... beats) {
        List<RibbonCell> cells =
                Arrays.stream(beats).mapToObj(beat -> cell("", beat)).toList();
        return RibbonScale.of(cells, 1000, TEXT, zoom, scrolled);
    }

    private static RibbonScale form(int counts, double zoom) {
        List<RibbonCell> cells = IntStream.range(0, counts)
                .mapToObj(_ -> cell("Lift the Latch", 1))
                .toList();
        return RibbonScale.of(cells, 1000, TEXT, zoom, 0);
    }

    private static RibbonCell cell(String group, double beats) {
        Moment.Place place = new Moment.Place(Moment.Section.POSTURE, 0, 0);
        CountLook look = new CountLook("1", Count.blank().withBeats(beats), List.of(), 0, Set.of());
        return new RibbonCell(0, place, group, "", look, () -> "", 0, false);
    }

    private static double width(RibbonScale scale, int cell) {
        return scale.right(cell) - scale.left(cell);
    }

    @Test
    void aCountIsAsWideAsItLasts() {
        RibbonScale scale = posture(1, 0, 1, 2, 0.5);
        assertThat(width(scale, 1)).isCloseTo(2 * width(scale, 0), within(1e-9));
        assertThat(width(scale, 2)).isCloseTo(width(scale, 0) / 2, within(1e-9));
    }

    @Test
    void aWholeFormFitsTheWidthUntilOneZoomsIn() {
        RibbonScale fitting = form(700, 1);
        assertThat(fitting.right(699)).isCloseTo(1000 - TEXT, within(1e-6));
        assertThat(width(form(700, 12), 0)).isCloseTo(12 * width(fitting, 0), within(1e-9));
    }

    @Test
    void aShortPostureIsNotStretchedAndALongOneStaysReadable() {
        assertThat(width(posture(1, 0, 1, 1), 0)).isEqualTo(TEXT * 18);
        double[] forty = new double[40];
        Arrays.fill(forty, 1);
        assertThat(width(posture(1, 0, forty), 0)).isEqualTo(TEXT * 9);
    }

    @Test
    void aPointBelongsToTheCellItIsOver() {
        RibbonScale scale = posture(1, 0, 1, 1, 1);
        assertThat(scale.cellAt(scale.left(1) + 1)).hasValue(1);
        assertThat(scale.cellAt(scale.margin() - 1)).isEmpty();
        assertThat(scale.cellAt(scale.right(2))).isEmpty();
    }

    @Test
    void onlyTheCountsInSightNeedBeDrawn() {
        double[] forty = new double[40];
        Arrays.fill(forty, 1);
        RibbonScale middle = posture(1, 2000, forty);
        assertThat(middle.right(middle.firstSeen())).isPositive();
        assertThat(middle.left(middle.firstSeen())).isLessThanOrEqualTo(0);
        assertThat(middle.left(middle.pastSeen() - 1)).isLessThan(1000);
        assertThat(middle.left(middle.pastSeen())).isGreaterThanOrEqualTo(1000);
        RibbonScale wider = middle.widened(1000);
        assertThat(wider.left(5)).isCloseTo(middle.left(5) + 1000, within(1e-9));
        assertThat(wider.firstSeen()).isLessThan(middle.firstSeen());
    }

    @Test
    void oneZoomsInUntilACountIsEasilyReadHoweverLongTheForm() {
        RibbonScale.Beats beats = new RibbonScale.Beats(new double[] {0, 6000}, true);
        double most = RibbonScale.zoomed(beats, 1000, TEXT, 1e9);
        assertThat(RibbonScale.of(beats, 1000, TEXT, most, 0).beat()).isCloseTo(TEXT * 18, within(1e-6));
        assertThat(RibbonScale.zoomed(beats, 1000, TEXT, 0.001)).isEqualTo(0.1);
    }

    @Test
    void scrollingBringsTheChosenCountIntoViewAndNeverBeyondTheEnds() {
        double[] forty = new double[40];
        Arrays.fill(forty, 1);
        RibbonScale start = posture(1, 0, forty);
        assertThat(start.scrollToShow(0)).isZero();
        RibbonScale scrolled = posture(1, start.scrollToShow(39), forty);
        assertThat(scrolled.right(39)).isCloseTo(1000 - TEXT, within(1e-9));
        assertThat(scrolled.clamp(1e9)).isEqualTo(scrolled.scrolled());
        assertThat(scrolled.clamp(-5)).isZero();
    }
}
