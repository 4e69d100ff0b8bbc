package app.avrel.desktop.ribbon;

import java.util.List;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Color;

/** The load of very many counts as one band: at each pixel that of the count that stands there. */
record DenseBand(GraphicsContext g, RibbonScale scale, double middle, double half) {

    void paint(List<RibbonCell> cells, int first, int past, Color left, Color right) {
        int from = (int) Math.floor(Math.max(scale.left(first), scale.margin()));
        int to = (int) Math.ceil(Math.min(scale.right(past - 1), scale.width()));
        int pixels = Math.max(0, to - from);
        double[] xs = new double[2 * pixels];
        double[] above = new double[2 * pixels];
        double[] below = new double[2 * pixels];
        int cell = first;
        for (int i = 0; i < pixels; i++) {
            double x = from + i + 0.5;
            while (cell < past - 1 && scale.right(cell) < x) {
                cell++;
            }
            double share = cells.get(cell).stages().getLast().to() / 100;
            put(xs, above, i, x, middle - half * share);
            put(xs, below, i, x, middle + half * (1 - share));
        }
        fill(xs, above, left);
        fill(xs, below, right);
    }

    /** A point of the outline and the one under it on the middle line, which the outline comes back along. */
    private void put(double[] xs, double[] ys, int i, double x, double y) {
        xs[i] = x;
        ys[i] = y;
        xs[xs.length - 1 - i] = x;
        ys[xs.length - 1 - i] = middle;
    }

    private void fill(double[] xs, double[] ys, Color colour) {
        g.setFill(colour);
        g.fillPolygon(xs, ys, xs.length);
    }
}
