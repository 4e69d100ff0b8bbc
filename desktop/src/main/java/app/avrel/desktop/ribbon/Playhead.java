package app.avrel.desktop.ribbon;

import javafx.scene.layout.Region;

/** Where playing is: a line of its own over the drawing, so that the cells need not be drawn for each frame. */
final class Playhead extends Region {

    private double cell = -1;

    Playhead() {
        getStyleClass().add("playhead");
        setManaged(false);
        setVisible(false);
        setMouseTransparent(true);
    }

    /** Goes to a cell and the share of it that is over; below 0 nowhere. */
    void at(double playing) {
        cell = playing;
    }

    /** Places the line among so many cells. */
    void place(RibbonScale scale, int cells, double height) {
        boolean on = cell >= 0 && (int) cell < cells;
        setVisible(on);
        if (on) {
            int whole = (int) cell;
            double x = scale.left(whole) + (scale.right(whole) - scale.left(whole)) * (cell - whole);
            resizeRelocate(x - 1, 0, 3, height);
        }
    }
}
