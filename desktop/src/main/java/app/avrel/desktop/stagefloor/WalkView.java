package app.avrel.desktop.stagefloor;

import app.avrel.body.Body;
import app.avrel.body.Side;
import app.avrel.desktop.parts.Drawing;
import app.avrel.floor.FloorPoint;
import app.avrel.form.Moment;
import app.avrel.form.Occurrence;
import app.avrel.form.Track;
import app.avrel.motion.CentreOfMass;
import app.avrel.motion.Pose;
import java.util.ArrayList;
import java.util.List;
import javafx.geometry.VPos;
import javafx.scene.AccessibleRole;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.text.TextAlignment;

/** The walk of a form: where its postures end, and the path of the centre of mass between them. */
public final class WalkView extends Drawing {

    private static final double GRID = 0.5;

    private Track track;
    private Body body;
    private int entry = -1;
    private String front = "";

    public WalkView() {
        super("walk");
        setAccessibleRole(AccessibleRole.IMAGE_VIEW);
    }

    /**
     * Shows a track with one entry lit.
     *
     * @param frontWords what the direction at the top is called
     */
    public void show(Track newTrack, Body newBody, int litEntry, String frontWords) {
        track = newTrack;
        body = newBody;
        entry = litEntry;
        front = frontWords;
        setAccessibleText("Walk of the form, " + track.occurrences().size() + " postures");
        requestLayout();
    }

    @Override
    protected void draw(GraphicsContext g) {
        if (track == null) {
            return;
        }
        List<FloorPoint> path = path();
        FloorScale scale = FloorScale.fitting(path, 0.5, 2.2, getWidth(), getHeight());
        grid(g, scale);
        walked(g, scale, path);
        Sole sole = new Sole(g, scale, body);
        feet(sole, track.start(), 0.35);
        for (Occurrence done : track.occurrences()) {
            feet(sole, done.end(), done.entry() == entry ? 1 : 0.35);
        }
        ends(g, scale, path);
        lit(g, scale);
        frontWords(g);
    }

    private List<FloorPoint> path() {
        List<FloorPoint> path = new ArrayList<>(List.of(CentreOfMass.of(track.start(), body)));
        for (Occurrence done : track.occurrences()) {
            for (Moment moment : done.moments()) {
                path.add(CentreOfMass.of(moment.after(), body));
            }
        }
        return path;
    }

    private void feet(Sole sole, Pose pose, double strength) {
        for (Side side : Side.values()) {
            double load = pose.weight().middle(side) / 100;
            sole.draw(side, pose.foot(side), load * strength, side(side).deriveColor(0, 1, 1, strength));
        }
    }

    private void grid(GraphicsContext g, FloorScale scale) {
        g.setStroke(line());
        g.setLineWidth(1);
        double across = getWidth() / scale.pixels() / 2 + GRID;
        double along = getHeight() / scale.pixels() / 2 + GRID;
        FloorPoint centre = scale.centre();
        for (double at = Math.floor((centre.right() - across) / GRID) * GRID;
                at < centre.right() + across;
                at += GRID) {
            double x = Math.rint(scale.x(new FloorPoint(at, 0))) + 0.5;
            g.strokeLine(x, 0, x, getHeight());
        }
        for (double at = Math.floor((centre.ahead() - along) / GRID) * GRID; at < centre.ahead() + along; at += GRID) {
            double y = Math.rint(scale.y(new FloorPoint(0, at))) + 0.5;
            g.strokeLine(0, y, getWidth(), y);
        }
    }

    private void walked(GraphicsContext g, FloorScale scale, List<FloorPoint> path) {
        double[] xs = path.stream().mapToDouble(scale::x).toArray();
        double[] ys = path.stream().mapToDouble(scale::y).toArray();
        g.setStroke(soft().deriveColor(0, 1, 1, 0.55));
        g.setLineWidth(1.6);
        g.strokePolyline(xs, ys, xs.length);
    }

    private void ends(GraphicsContext g, FloorScale scale, List<FloorPoint> path) {
        mark(g, scale, path.getFirst(), "start", -1);
        mark(g, scale, path.getLast(), "end", 1);
    }

    private void mark(GraphicsContext g, FloorScale scale, FloorPoint at, String words, int below) {
        double radius = textSize() * 0.55;
        double x = scale.x(at);
        double y = scale.y(at);
        g.setStroke(ink());
        g.setLineWidth(2);
        g.strokeOval(x - radius, y - radius, 2 * radius, 2 * radius);
        double lift = below * Math.max(textSize() * 1.6, scale.pixels() * 0.28);
        g.setFont(bold(1, words));
        g.setTextAlign(TextAlignment.CENTER);
        g.setTextBaseline(VPos.CENTER);
        g.setFill(ink());
        g.fillText(words, x, y + lift);
    }

    private void lit(GraphicsContext g, FloorScale scale) {
        track.lastOf(entry).ifPresent(done -> {
            FloorPoint at = CentreOfMass.of(done.end(), body);
            double radius = textSize() * 0.5;
            FloorPoint ahead = at.plus(done.end().facing().vector(0.3));
            g.setStroke(accent());
            g.setLineWidth(3);
            g.strokeLine(scale.x(at), scale.y(at), scale.x(ahead), scale.y(ahead));
            g.setFill(accent());
            g.fillOval(scale.x(at) - radius, scale.y(at) - radius, 2 * radius, 2 * radius);
        });
    }

    private void frontWords(GraphicsContext g) {
        g.setFont(bold(1.1, front));
        g.setTextAlign(TextAlignment.CENTER);
        g.setTextBaseline(VPos.TOP);
        g.setFill(ink());
        g.fillText(front, getWidth() / 2, textSize() * 0.5);
    }
}
