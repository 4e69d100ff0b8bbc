package app.avrel.desktop.ribbon;

import java.util.List;
import java.util.OptionalInt;

/**
 * Where the cells are across the ribbon, in pixels: each as wide as it lasts.
 *
 * @param lefts the left edge of every cell, and the right edge of the last
 * @param margin before the first cell
 * @param width of the ribbon
 * @param scrolled how far the cells are pushed to the left
 * @param text the size of plain text
 */
record RibbonScale(double[] lefts, double margin, double width, double scrolled, double text) {

    private static final double READABLE = 9;

    static RibbonScale of(List<RibbonCell> cells, double width, double text, double zoom, double scrolled) {
        double margin = text * 3.2;
        double beats = cells.stream().mapToDouble(RibbonCell::beats).sum();
        double fitting = (width - margin - text) / Math.max(1, beats);
        boolean form = cells.stream().anyMatch(cell -> !cell.group().isEmpty());
        double beat = zoom * (form ? fitting : Math.clamp(fitting, text * READABLE, text * 2 * READABLE));
        double[] lefts = new double[cells.size() + 1];
        lefts[0] = margin;
        for (int i = 0; i < cells.size(); i++) {
            lefts[i + 1] = lefts[i] + cells.get(i).beats() * beat;
        }
        return new RibbonScale(lefts, margin, width, scrolled, text);
    }

    double left(int cell) {
        return lefts[cell] - scrolled;
    }

    double right(int cell) {
        return lefts[cell + 1] - scrolled;
    }

    /** {@return the first cell that is in sight} */
    int firstSeen() {
        return Math.max(0, at(margin * 0.5));
    }

    /** {@return the cell after the last that is in sight} */
    int pastSeen() {
        return Math.min(lefts.length - 1, at(width) + 1);
    }

    /** The cell at a place across the ribbon, or the one before the first. */
    private int at(double x) {
        int found = java.util.Arrays.binarySearch(lefts, x + scrolled);
        return found >= 0 ? found : -found - 2;
    }

    double clamp(double wanted) {
        double most = Math.max(0, lefts[lefts.length - 1] + text - width);
        return Math.clamp(wanted, 0, most);
    }

    double scrollToShow(int cell) {
        double most = lefts[cell] - margin;
        double least = lefts[cell + 1] + text - width;
        double wanted = scrolled < least ? least : Math.min(scrolled, most);
        return clamp(wanted);
    }

    OptionalInt cellAt(double x) {
        for (int i = 0; i < lefts.length - 1; i++) {
            if (x >= left(i) && x < right(i) && x >= margin) {
                return OptionalInt.of(i);
            }
        }
        return OptionalInt.empty();
    }
}
