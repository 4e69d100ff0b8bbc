package app.avrel.desktop.stagefloor;

import app.avrel.body.Side;
import app.avrel.desktop.parts.Pens;
import app.avrel.desktop.words.Words;
import app.avrel.floor.FloorPoint;
import app.avrel.motion.CentreOfMass;
import app.avrel.motion.Pose;
import java.util.List;
import javafx.geometry.VPos;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Color;
import javafx.scene.text.TextAlignment;

/** Paints the walk of a form: its path, where its postures end, and where one stands now. */
final class WalkPainter {

    private static final double GRID = 0.5;

    private final GraphicsContext g;
    private final FloorScale scale;
    private final Pens pens;
    private final WalkPicture shown;
    private final double width;
    private final double height;

    WalkPainter(GraphicsContext g, FloorScale scale, Pens pens, WalkPicture shown, double width, double height) {
        this.g = g;
        this.scale = scale;
        this.pens = pens;
        this.shown = shown;
        this.width = width;
        this.height = height;
    }

    void feet(Sole sole, Pose ofTrack, double strength) {
        Pose pose = shown.at(ofTrack);
        for (Side side : Side.values()) {
            double load = pose.weight().middle(side) / 100;
            sole.draw(side, pose.foot(side), load * strength, pens.side(side).deriveColor(0, 1, 1, strength));
        }
    }

    void grid() {
        g.setStroke(pens.line());
        g.setLineWidth(1);
        double across = width / scale.pixels() / 2 + GRID;
        double along = height / scale.pixels() / 2 + GRID;
        FloorPoint centre = scale.centre();
        for (double at = Math.floor((centre.right() - across) / GRID) * GRID;
                at < centre.right() + across;
                at += GRID) {
            double x = Math.rint(scale.x(new FloorPoint(at, 0))) + 0.5;
            g.strokeLine(x, 0, x, height);
        }
        for (double at = Math.floor((centre.ahead() - along) / GRID) * GRID; at < centre.ahead() + along; at += GRID) {
            double y = Math.rint(scale.y(new FloorPoint(0, at))) + 0.5;
            g.strokeLine(0, y, width, y);
        }
    }

    void walked(List<FloorPoint> path, Color colour, double wide) {
        double[] xs = new double[path.size()];
        double[] ys = new double[path.size()];
        int kept = 0;
        for (FloorPoint point : path) {
            double x = scale.x(point);
            double y = scale.y(point);
            if (kept == 0 || Math.abs(x - xs[kept - 1]) + Math.abs(y - ys[kept - 1]) > 1) {
                xs[kept] = x;
                ys[kept++] = y;
            }
        }
        g.setStroke(colour);
        g.setLineWidth(wide);
        g.strokePolyline(xs, ys, kept);
    }

    void ends(WalkPath path) {
        boolean near = path.start().distance(path.end()) * scale.pixels() < pens.textSize() * 5;
        if (near) {
            mark(path.end(), "", 1);
            mark(path.start(), Words.of("stagefloor.start_end"), -1);
        } else {
            mark(path.start(), Words.of("common.start"), -1);
            mark(path.end(), Words.of("stagefloor.end"), 1);
        }
    }

    /** The number of a stop, on a little paper. */
    void number(Stops.Stop stop) {
        boolean lit = stop.entry() == shown.entry();
        g.setFont(lit ? pens.bold(1.1, stop.number()) : pens.font(0.85, stop.number()));
        double wide = Pens.width(stop.number(), g.getFont()) + pens.textSize() * 0.4;
        g.setTextAlign(TextAlignment.CENTER);
        g.setTextBaseline(VPos.CENTER);
        g.setFill(pens.paper().deriveColor(0, 1, 1, 0.8));
        g.fillRoundRect(stop.x() - wide / 2, stop.y() - pens.textSize() * 0.6, wide, pens.textSize() * 1.2, 6, 6);
        g.setFill(lit ? pens.accent() : pens.ink());
        g.fillText(stop.number(), stop.x(), stop.y());
    }

    private void mark(FloorPoint at, String words, int below) {
        double radius = pens.textSize() * 0.55;
        double x = scale.x(at);
        double y = scale.y(at);
        g.setStroke(pens.ink());
        g.setLineWidth(2);
        g.strokeOval(x - radius, y - radius, 2 * radius, 2 * radius);
        if (scale.pixels() < pens.textSize() * 2.2) {
            return;
        }
        double lift = below * Math.max(pens.textSize() * 1.6, scale.pixels() * 0.28);
        g.setFont(pens.bold(1, words));
        g.setTextAlign(TextAlignment.CENTER);
        g.setTextBaseline(VPos.CENTER);
        double wide = Pens.width(words, g.getFont()) + pens.textSize() * 0.4;
        g.setFill(pens.paper().deriveColor(0, 1, 1, 0.8));
        g.fillRect(x - wide / 2, y + lift - pens.textSize() * 0.7, words.isEmpty() ? 0 : wide, pens.textSize() * 1.4);
        g.setFill(pens.ink());
        g.fillText(words, x, y + lift);
    }

    void lit() {
        shown.track().lastOf(shown.entry()).ifPresent(done -> {
            Pose end = shown.at(done.end().drawn());
            FloorPoint at = CentreOfMass.of(end, shown.body());
            double radius = pens.textSize() * 0.5;
            FloorPoint ahead = at.plus(end.facing().vector(0.3));
            g.setStroke(pens.accent());
            g.setLineWidth(3);
            g.strokeLine(scale.x(at), scale.y(at), scale.x(ahead), scale.y(ahead));
            g.setFill(pens.accent());
            g.fillOval(scale.x(at) - radius, scale.y(at) - radius, 2 * radius, 2 * radius);
        });
    }

    void front() {
        g.setFont(pens.bold(1.1, shown.front()));
        g.setTextAlign(TextAlignment.CENTER);
        g.setTextBaseline(VPos.TOP);
        g.setFill(pens.ink());
        g.fillText(shown.front(), width / 2, pens.textSize() * 0.5);
    }
}
