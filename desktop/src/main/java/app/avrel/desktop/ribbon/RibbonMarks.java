package app.avrel.desktop.ribbon;

import app.avrel.body.Side;
import app.avrel.desktop.parts.Pens;
import javafx.scene.canvas.GraphicsContext;

/**
 * Paints what marks a count: the foot that leaves its place, cautions, a gap before it.
 *
 * @param text the size of the ribbon's text, in pixels
 * @param middle where the halves of the band meet
 * @param half how high either half can be
 */
record RibbonMarks(GraphicsContext g, double text, Pens pens, double middle, double half) {

    /** A small tent where a foot leaves its place, on that foot's side. */
    void steps(RibbonCell cell, double x, double width) {
        double size = Math.min(text * 0.5, width * 0.3);
        double at = x + width / 2;
        for (Side side : cell.moved()) {
            int down = side == Side.LEFT ? -1 : 1;
            double base = middle + down * (half + 3);
            g.setStroke(pens.side(side));
            g.setLineWidth(1.6);
            g.strokePolyline(new double[] {at - size, at, at + size}, new double[] {base, base + down * size, base}, 3);
        }
    }

    /** A dot where something is to be cautious of, a wedge where the count does not join the one before. */
    void findings(RibbonCell cell, double x, double width) {
        if (cell.cautions() > 0) {
            g.setFill(pens.caution());
            double at = width > text * 4 ? x + width - text : x + width / 2;
            g.fillOval(at - text * 0.3, text * 0.9, text * 0.6, text * 0.6);
        }
        if (cell.gap()) {
            g.setFill(pens.caution());
            g.fillPolygon(
                    new double[] {x - text * 0.45, x + text * 0.45, x},
                    new double[] {text * 1.9, text * 1.9, text * 2.6},
                    3);
            g.setStroke(pens.caution());
            g.setLineWidth(2);
            g.strokeLine(x, text * 2.6, x, middle + half);
        }
    }
}
