package app.avrel.desktop.figure;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Color;
import javafx.scene.paint.CycleMethod;
import javafx.scene.paint.LinearGradient;
import javafx.scene.paint.Stop;

/**
 * A rounded body seen: the outline around a few balls, in the picture.
 *
 * @param outline corners in order
 */
record Shape(List<Projection.Seen> outline) {

    /** A ball in the picture. */
    record Ball(Projection.Seen at, double radius) {}

    private static final int CORNERS = 24;
    private static final double EDGE = 1.0;

    /** {@return the tightest rounded outline around balls} */
    static Shape around(Ball... balls) {
        List<Projection.Seen> points = Stream.of(balls).flatMap(Shape::circle).toList();
        return new Shape(hull(points));
    }

    static Shape through(Projection.Seen... corners) {
        return new Shape(List.of(corners));
    }

    private static Stream<Projection.Seen> circle(Ball ball) {
        return Stream.iterate(0, i -> i < CORNERS, i -> i + 1).map(i -> {
            double angle = 2 * Math.PI * i / CORNERS;
            return new Projection.Seen(
                    ball.at().x() + ball.radius() * Math.cos(angle),
                    ball.at().y() + ball.radius() * Math.sin(angle),
                    ball.at().near());
        });
    }

    /** Andrew's monotone chain. */
    private static List<Projection.Seen> hull(List<Projection.Seen> points) {
        List<Projection.Seen> sorted = points.stream()
                .sorted((a, b) -> a.x() != b.x() ? Double.compare(a.x(), b.x()) : Double.compare(a.y(), b.y()))
                .toList();
        List<Projection.Seen> lower = chain(sorted);
        List<Projection.Seen> upper = chain(sorted.reversed());
        lower.removeLast();
        upper.removeLast();
        lower.addAll(upper);
        return lower;
    }

    private static List<Projection.Seen> chain(List<Projection.Seen> sorted) {
        List<Projection.Seen> chain = new ArrayList<>();
        for (Projection.Seen point : sorted) {
            while (chain.size() >= 2 && turn(chain.get(chain.size() - 2), chain.getLast(), point) <= 0) {
                chain.removeLast();
            }
            chain.add(point);
        }
        return chain;
    }

    private static double turn(Projection.Seen a, Projection.Seen b, Projection.Seen c) {
        return (b.x() - a.x()) * (c.y() - a.y()) - (b.y() - a.y()) * (c.x() - a.x());
    }

    /**
     * Fills the outline, lit from the upper left, with a thin edge: what shows of a slightly larger one under it. Where
     * dashes are set, the edge is dashed and the filling pale.
     */
    void paint(GraphicsContext g, Color colour, Color edge) {
        if (dashed(g)) {
            fill(g, colour.interpolate(Color.WHITE, 0.15).deriveColor(0, 1, 1, 0.62));
            stroke(g, edge.deriveColor(0, 1, 1, 2), 1.4);
            return;
        }
        grown().fill(g, edge);
        double left = outline.stream().mapToDouble(Projection.Seen::x).min().orElse(0);
        double right = outline.stream().mapToDouble(Projection.Seen::x).max().orElse(1);
        double top = outline.stream().mapToDouble(Projection.Seen::y).min().orElse(0);
        double bottom = outline.stream().mapToDouble(Projection.Seen::y).max().orElse(1);
        g.setFill(new LinearGradient(
                left,
                top,
                right,
                top + (bottom - top) * 0.4,
                false,
                CycleMethod.NO_CYCLE,
                new Stop(0, colour.interpolate(Color.WHITE, 0.22)),
                new Stop(0.5, colour),
                new Stop(1, colour.deriveColor(0, 1, 0.84, 1))));
        trace(g);
        g.fill();
    }

    private static boolean dashed(GraphicsContext g) {
        return g.getLineDashes() != null && g.getLineDashes().length > 0;
    }

    /** The outline, each corner a little further out. */
    private Shape grown() {
        List<Projection.Seen> corners = new ArrayList<>();
        int n = outline.size();
        double sign = Math.signum(area());
        for (int i = 0; i < n; i++) {
            Projection.Seen before = outline.get((i + n - 1) % n);
            Projection.Seen at = outline.get(i);
            Projection.Seen after = outline.get((i + 1) % n);
            double alongX = after.x() - before.x();
            double alongY = after.y() - before.y();
            double far = sign * EDGE / Math.max(1e-6, Math.hypot(alongX, alongY));
            corners.add(new Projection.Seen(at.x() + alongY * far, at.y() - alongX * far, at.near()));
        }
        return new Shape(corners);
    }

    /** Twice the area, negative for the other way round. */
    private double area() {
        double sum = 0;
        for (int i = 0; i < outline.size(); i++) {
            Projection.Seen at = outline.get(i);
            Projection.Seen next = outline.get((i + 1) % outline.size());
            sum += at.x() * next.y() - next.x() * at.y();
        }
        return sum;
    }

    void fill(GraphicsContext g, Color colour) {
        g.setFill(colour);
        trace(g);
        g.fill();
    }

    void stroke(GraphicsContext g, Color colour, double width) {
        g.setStroke(colour);
        g.setLineWidth(width);
        trace(g);
        g.stroke();
    }

    private void trace(GraphicsContext g) {
        g.beginPath();
        g.moveTo(outline.getFirst().x(), outline.getFirst().y());
        outline.stream().skip(1).forEach(point -> g.lineTo(point.x(), point.y()));
        g.closePath();
    }
}
