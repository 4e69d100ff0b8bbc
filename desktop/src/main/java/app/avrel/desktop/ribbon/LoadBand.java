package app.avrel.desktop.ribbon;

import app.avrel.body.Side;
import java.util.Arrays;
import java.util.List;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Color;

/** The load on each foot through a run of counts: one outline a foot, as smooth as the counts are wide. */
final class LoadBand {

    private static final int MOST_STEPS = 12;
    private static final double PIXELS_A_STEP = 3;

    private final GraphicsContext g;
    private final RibbonScale scale;
    private final double middle;
    private final double half;
    private double[] xs = new double[256];
    private double[] shares = new double[256];
    private int points;

    LoadBand(GraphicsContext g, RibbonScale scale, double middle, double half) {
        this.g = g;
        this.scale = scale;
        this.middle = middle;
        this.half = half;
    }

    /** Paints the cells from one to the one before another; where a share is not known, the band is paler. */
    void paint(List<RibbonCell> cells, int first, int past, Color left, Color right) {
        boolean known = true;
        for (int i = first; i < past; i++) {
            List<RibbonCell.Stage> stages = cells.get(i).stages();
            double span = scale.right(i) - scale.left(i);
            for (int s = 0; s < stages.size(); s++) {
                RibbonCell.Stage stage = stages.get(s);
                if (stage.known() != known) {
                    flush(known, left, right);
                    known = stage.known();
                }
                add(stage, scale.left(i) + span * stage.begins(), span * (stage.ends() - stage.begins()));
            }
        }
        flush(known, left, right);
    }

    private void add(RibbonCell.Stage stage, double x, double span) {
        boolean level = stage.from() == stage.to();
        int steps = level ? 1 : Math.clamp(Math.round(span / PIXELS_A_STEP), 1, MOST_STEPS);
        for (int i = 0; i <= steps; i++) {
            double t = i / (double) steps;
            double eased = t * t * (3 - 2 * t);
            point(x + span * t, (stage.from() + (stage.to() - stage.from()) * eased) / 100);
        }
    }

    private void point(double x, double share) {
        if (points == xs.length) {
            xs = Arrays.copyOf(xs, 2 * points);
            shares = Arrays.copyOf(shares, 2 * points);
        }
        xs[points] = x;
        shares[points++] = share;
    }

    private void flush(boolean known, Color left, Color right) {
        if (points > 1) {
            outline(Side.LEFT, known ? left : left.deriveColor(0, 1, 1, 0.4));
            outline(Side.RIGHT, known ? right : right.deriveColor(0, 1, 1, 0.4));
        }
        points = 0;
    }

    private void outline(Side side, Color colour) {
        g.setFill(colour);
        g.beginPath();
        g.moveTo(xs[0], middle);
        for (int i = 0; i < points; i++) {
            double share = side == Side.LEFT ? -shares[i] : 1 - shares[i];
            g.lineTo(xs[i], middle + half * share);
        }
        g.lineTo(xs[points - 1], middle);
        g.closePath();
        g.fill();
    }
}
