package app.avrel.desktop.ribbon;

import app.avrel.posture.count.Breath;
import java.util.List;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Color;

/** Paints the breath along the counts: it rises on the in-breath and falls on the out-breath. */
final class BreathLine {

    private final GraphicsContext g;
    private final RibbonScale scale;
    private final double low;
    private final double high;

    /** @param under where the band of the load ends, from the top */
    BreathLine(GraphicsContext g, RibbonScale scale, double under) {
        this.g = g;
        this.scale = scale;
        low = under + scale.text() * 1.5;
        high = under + scale.text() * 0.7;
    }

    void paint(List<RibbonCell> cells, int first, int past, Color colour) {
        g.setStroke(colour);
        g.setLineWidth(1.5);
        g.beginPath();
        double y = low;
        g.moveTo(scale.left(first), y);
        for (int i = first; i < past; i++) {
            Breath breath = cells.get(i).breath();
            double x = scale.left(i);
            double end = scale.right(i);
            double turns = breath.both() ? (x + end) / 2 : x;
            if (breath.both()) {
                y = breathe(x, y, turns, breath.begins() == Breath.IN ? high : low);
            }
            y = breathe(turns, y, end, height(breath, y));
        }
        g.stroke();
    }

    /** Where the line stands at the end of a count; a breath that goes on goes all the way. */
    private double height(Breath breath, double now) {
        return switch (breath.ends()) {
            case IN -> high;
            case OUT -> low;
            default -> now;
        };
    }

    private double breathe(double x, double y, double end, double to) {
        double bend = (end - x) * 0.4;
        g.bezierCurveTo(x + bend, y, end - bend, to, end, to);
        return to;
    }
}
