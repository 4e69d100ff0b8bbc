package app.avrel.desktop.ribbon;

import java.util.Arrays;
import java.util.List;
import java.util.OptionalInt;

/**
 * Where the cells are across the ribbon, in pixels: each as wide as it lasts.
 *
 * @param before beats before every cell, and in all
 * @param beat pixels a beat
 * @param margin before the first cell
 * @param width of the ribbon
 * @param scrolled how far the cells are pushed to the left
 * @param text the size of plain text
 */
record RibbonScale(double[] before, double beat, double margin, double width, double scrolled, double text) {

    private static final double READABLE = 9;
    private static final double LEAST_ZOOM = 0.1;
    private static final double MOST_ZOOM = 8;

    /** The cells' beats, added up once for every scale that is made of them. */
    record Beats(double[] before, boolean form) {

        static Beats of(List<RibbonCell> cells) {
            double[] before = new double[cells.size() + 1];
            for (int i = 0; i < cells.size(); i++) {
                before[i + 1] = before[i] + cells.get(i).beats();
            }
            return new Beats(
                    before, cells.stream().anyMatch(cell -> !cell.group().isEmpty()));
        }

        double all() {
            return Math.max(1, before[before.length - 1]);
        }
    }

    static RibbonScale of(List<RibbonCell> cells, double width, double text, double zoom, double scrolled) {
        return of(Beats.of(cells), width, text, zoom, scrolled);
    }

    static RibbonScale of(Beats beats, double width, double text, double zoom, double scrolled) {
        double margin = text * 3.2;
        double fitting = fitting(beats, width, text);
        double beat = zoom * (beats.form() ? fitting : Math.clamp(fitting, text * READABLE, text * 2 * READABLE));
        return new RibbonScale(beats.before(), beat, margin, width, scrolled, text);
    }

    private static double fitting(Beats beats, double width, double text) {
        return (width - text * 3.2 - text) / beats.all();
    }

    /** {@return a zoom within what is of use: from the whole to counts that are easily read} */
    static double zoomed(Beats beats, double width, double text, double wanted) {
        double readable = text * 2 * READABLE / Math.max(1e-6, fitting(beats, width, text));
        return Math.clamp(wanted, LEAST_ZOOM, Math.max(MOST_ZOOM, readable));
    }

    /** {@return the same with so many pixels more on either side} */
    RibbonScale widened(double pixels) {
        return new RibbonScale(before, beat, margin, width + 2 * pixels, scrolled - pixels, text);
    }

    double left(int cell) {
        return margin + before[cell] * beat - scrolled;
    }

    double right(int cell) {
        return left(cell + 1);
    }

    private double end() {
        return margin + before[before.length - 1] * beat;
    }

    /** {@return the first cell that is in sight} */
    int firstSeen() {
        return Math.max(0, at(0));
    }

    /** {@return the cell after the last that is in sight} */
    int pastSeen() {
        return Math.min(before.length - 1, at(width) + 1);
    }

    /** The cell at a place across the ribbon, or the one before the first. */
    private int at(double x) {
        int found = Arrays.binarySearch(before, (x + scrolled - margin) / beat);
        return found >= 0 ? found : -found - 2;
    }

    double clamp(double wanted) {
        return Math.clamp(wanted, 0, Math.max(0, end() + text - width));
    }

    double scrollToShow(int cell) {
        double most = before[cell] * beat;
        double least = margin + before[cell + 1] * beat + text - width;
        double wanted = scrolled < least ? least : Math.min(scrolled, most);
        return clamp(wanted);
    }

    OptionalInt cellAt(double x) {
        int cell = at(x);
        return x >= margin && cell >= 0 && cell < before.length - 1 ? OptionalInt.of(cell) : OptionalInt.empty();
    }
}
