package app.avrel.desktop.figure;

import app.avrel.body.Body;
import app.avrel.body.Landmark;
import app.avrel.desktop.parts.Pens;
import app.avrel.desktop.words.Words;
import app.avrel.floor.Directions;
import app.avrel.floor.Heading;
import app.avrel.floor.SpacePoint;
import app.avrel.mechanics.Rig;
import java.util.List;
import javafx.geometry.VPos;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.shape.StrokeLineCap;
import javafx.scene.text.TextAlignment;

/** What is about the figure: the ground with its directions, the ways of hands and feet, the heights a hand can go to. */
final class FigureGround {

    private static final double RING = Projection.RING;

    private final GraphicsContext g;
    private final Projection seen;
    private final Pens pens;

    FigureGround(GraphicsContext g, Projection seen, Pens pens) {
        this.g = g;
        this.seen = seen;
        this.pens = pens;
    }

    /** A way, the fainter the longer ago. */
    void trace(Trace trace) {
        List<SpacePoint> points = trace.points();
        g.setLineWidth(2.4);
        g.setLineCap(StrokeLineCap.ROUND);
        for (int i = 1; i < points.size(); i++) {
            Projection.Seen from = seen.of(points.get(i - 1));
            Projection.Seen to = seen.of(points.get(i));
            g.setStroke(pens.side(trace.side()).deriveColor(0, 1, 1, 0.15 + 0.75 * i / points.size()));
            g.strokeLine(from.x(), from.y(), to.x(), to.y());
        }
    }

    /** The ground with the names of four directions. */
    void ring(Directions directions) {
        Projection.Seen[] corners = new Projection.Seen[28];
        for (int i = 0; i < corners.length; i++) {
            corners[i] = seen.of(seen.centre()
                    .plus(SpacePoint.along(360.0 * i / corners.length).times(RING)));
        }
        Shape.through(corners).fill(g, pens.panel().deriveColor(0, 1, 1, 0.7));
        Shape.through(corners).stroke(g, pens.line(), 1);
        g.setTextAlign(TextAlignment.CENTER);
        g.setTextBaseline(VPos.CENTER);
        g.setFill(pens.soft());
        for (int i = 0; i < 4; i++) {
            Heading heading = new Heading(i * 90);
            String words = directions.say(heading);
            g.setFont(pens.font(0.85, words));
            Projection.Seen at = seen.of(
                    seen.centre().plus(SpacePoint.along(heading.degrees()).times(RING + 0.08)));
            g.fillText(words, at.x(), at.y());
        }
    }

    /** The heights a hand can go to, the one it is over marked. */
    void heights(Rig rig, Body body, HandGrip hand, double width) {
        g.setTextAlign(TextAlignment.LEFT);
        g.setTextBaseline(VPos.CENTER);
        for (Landmark landmark : Landmark.values()) {
            double up = HandGrip.height(landmark, body.stature(), rig.drop());
            double y = seen.y() - up * seen.pixels();
            boolean over = landmark == hand.at();
            g.setStroke(over ? pens.side(hand.hand()) : pens.line());
            g.setLineWidth(over ? 2.5 : 1);
            g.strokeLine(pens.textSize() * 0.5, y, width - pens.textSize() * 0.5, y);
            if (over) {
                g.setFont(pens.bold(1.1, Words.of(landmark)));
                g.setFill(pens.side(hand.hand()));
                g.fillText(Words.of(landmark), pens.textSize() * 0.6, y - pens.textSize() * 0.8);
            }
        }
    }
}
