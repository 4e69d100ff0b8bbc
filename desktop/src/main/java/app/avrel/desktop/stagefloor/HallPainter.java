package app.avrel.desktop.stagefloor;

import app.avrel.desktop.words.Words;
import app.avrel.floor.FloorPoint;
import app.avrel.form.hall.Hall;
import app.avrel.form.hall.HallPlan;
import app.avrel.form.hall.Sightlines;
import app.avrel.form.hall.Walk;
import java.util.List;
import javafx.geometry.VPos;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Color;
import javafx.scene.text.Font;
import javafx.scene.text.TextAlignment;

/** Paints a hall: walls, doors, pillars, the room a form needs, where learners start, and where the instructor is seen. */
final class HallPainter {

    private final GraphicsContext g;
    private final FloorScale scale;
    private final HallPlan plan;
    private final Hall hall;
    private final Color ink;
    private final Color soft;
    private final double text;

    HallPainter(GraphicsContext g, FloorScale scale, HallPlan plan, Color ink, Color soft, double text) {
        this.g = g;
        this.scale = scale;
        this.plan = plan;
        this.hall = plan.hall();
        this.ink = ink;
        this.soft = soft;
        this.text = text;
    }

    /** {@return the corners that must be seen} */
    static List<FloorPoint> corners(Hall hall) {
        return List.of(new FloorPoint(0, 0), new FloorPoint(hall.width(), -hall.depth()));
    }

    private double x(double fromLeft) {
        return scale.x(new FloorPoint(fromLeft, 0));
    }

    private double y(double fromFront) {
        return scale.y(new FloorPoint(0, -fromFront));
    }

    void floor(Color paper, Color line) {
        g.setFill(paper);
        g.fillRect(x(0), y(0), x(hall.width()) - x(0), y(hall.depth()) - y(0));
        g.setStroke(line);
        g.setLineWidth(1);
        for (int metre = 1; metre < hall.width(); metre++) {
            g.strokeLine(Math.rint(x(metre)) + 0.5, y(0), Math.rint(x(metre)) + 0.5, y(hall.depth()));
        }
        for (int metre = 1; metre < hall.depth(); metre++) {
            g.strokeLine(x(0), Math.rint(y(metre)) + 0.5, x(hall.width()), Math.rint(y(metre)) + 0.5);
        }
    }

    void walls(Color paper, Font font) {
        g.setStroke(ink);
        g.setLineWidth(2.5);
        g.strokeRect(x(0), y(0), x(hall.width()) - x(0), y(hall.depth()) - y(0));
        new HallThings(g, scale, hall, ink, soft, text).paint(paper, font);
        compass(font);
    }

    private void compass(Font font) {
        int eighths = (int) Math.round(hall.front().degrees() / 45) % 8;
        String[] walls = new String[4];
        for (int i = 0; i < 4; i++) {
            walls[i] = Words.of("stagefloor.hall_painter.point_" + (eighths + 2 * i) % 8);
        }
        double off = text * 0.9;
        words(Words.of("stagefloor.front_wall", walls[0]), x(hall.width() / 2), y(0) - off, font, soft);
        words(walls[1], x(hall.width()) + off, y(hall.depth() / 2), font, soft);
        words(walls[2], x(hall.width() / 2), y(hall.depth()) + off, font, soft);
        words(walls[3], x(0) - off, y(hall.depth() / 2), font, soft);
    }

    /** The room needed, arms and kicks included, with what is kept free. */
    void room(Color panel) {
        Walk walk = plan.walk();
        double free = hall.clearance();
        FloorPoint from = plan.from();
        double left = scale.x(new FloorPoint(from.right() + walk.left() - free, 0));
        double right = scale.x(new FloorPoint(from.right() + walk.right() + free, 0));
        double top = scale.y(new FloorPoint(0, from.ahead() + walk.ahead() + free));
        double bottom = scale.y(new FloorPoint(0, from.ahead() + walk.back() - free));
        double round = scale.pixels() * 0.6;
        g.setFill(panel);
        g.fillRoundRect(left, top, right - left, bottom - top, round, round);
        g.setStroke(soft);
        g.setLineWidth(1.2);
        g.setLineDashes(5, 5);
        g.strokeRoundRect(left, top, right - left, bottom - top, round, round);
        g.setLineDashes();
    }

    void learners() {
        double radius = Math.max(4, scale.pixels() * 0.12);
        g.setStroke(soft);
        g.setLineWidth(1.5);
        for (FloorPoint learner : plan.learners()) {
            g.strokeOval(scale.x(learner) - radius, scale.y(learner) - radius, 2 * radius, 2 * radius);
        }
    }

    /** Where the instructor is seen longest in a part. */
    void lookout(int part, Font font, Color accent) {
        if (part >= plan.seen().size()) {
            return;
        }
        Sightlines.Seen best = plan.seen().get(part).getFirst();
        double radius = text * 0.6;
        double x = scale.x(best.from().at());
        double y = scale.y(best.from().at());
        g.setFill(ink);
        g.fillOval(x - radius, y - radius, 2 * radius, 2 * radius);
        boolean tight = x(hall.width()) - x(0) < text * 22;
        if (tight) {
            return;
        }
        boolean right = x > x(hall.width() / 2);
        g.setTextAlign(right ? TextAlignment.RIGHT : TextAlignment.LEFT);
        g.setTextBaseline(VPos.CENTER);
        g.setFont(font);
        g.setFill(ink);
        g.fillText(
                Words.of("stagefloor.stand_here_seen", Math.round(best.share() * 100)),
                x + (right ? -1 : 1) * text * 1.1,
                y);
    }

    private void words(String words, double x, double y, Font font, Color colour) {
        g.setFont(font);
        g.setFill(colour);
        g.setTextAlign(TextAlignment.CENTER);
        g.setTextBaseline(VPos.CENTER);
        g.fillText(words, x, y);
    }
}
