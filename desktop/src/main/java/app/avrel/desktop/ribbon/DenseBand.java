package app.avrel.desktop.ribbon;

import java.util.List;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Color;

/** The load of very many counts as one band: at each pixel that of the count that stands there. */
record DenseBand(GraphicsContext g, RibbonScale scale, double middle, double half) {

    void paint(List<RibbonCell> cells, int first, int past, Color left, Color right) {
        int from = (int) Math.floor(Math.max(scale.left(first), scale.margin()));
        int to = (int) Math.ceil(Math.min(scale.right(past - 1), scale.width()));
        int begun = from;
        int cell = first;
        double share = cells.get(first).stages().getLast().to();
        for (int x = from; x <= to; x++) {
            while (cell < past - 1 && scale.right(cell) < x + 0.5) {
                cell++;
            }
            double now = cells.get(cell).stages().getLast().to();
            if (now != share || x == to) {
                column(begun, x, share / 100, left, right);
                begun = x;
                share = now;
            }
        }
    }

    /** Whole pixels, so that nothing has to be smoothed. */
    private void column(int from, int to, double share, Color left, Color right) {
        double line = Math.rint(middle);
        double above = Math.rint(half * share);
        double below = Math.rint(half * (1 - share));
        g.setFill(left);
        g.fillRect(from, line - above, to - from, above);
        g.setFill(right);
        g.fillRect(from, line, to - from, below);
    }
}
