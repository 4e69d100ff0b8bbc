package app.avrel.desktop.stagefloor;

import app.avrel.body.Body;
import app.avrel.body.Side;
import app.avrel.motion.FootPose;
import app.avrel.posture.move.Contact;
import java.util.List;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Color;

/** Draws a sole about its heel, then moves and turns it. */
final class Sole {

    /** Pixels of length below which corners are too near each other to be seen. */
    private static final double TINY = 30;

    private final GraphicsContext g;

    private final FloorScale scale;
    private final Body body;

    Sole(GraphicsContext g, FloorScale scale, Body body) {
        this.g = g;
        this.scale = scale;
        this.body = body;
    }

    /** Inks the sole in proportion to its load, the part in contact darker; off the floor it is an open outline. */
    void draw(Side side, FootPose foot, double load, Color colour) {
        g.save();
        place(side, foot);
        trace();
        double sole = 0.12 + 0.5 * load;
        double touching = 0.25 + 0.55 * load;
        if (foot.contact() == Contact.FLAT && !foot.lifted()) {
            g.setFill(colour.deriveColor(0, 1, 1, sole + touching - sole * touching));
            g.fill();
        } else if (!foot.lifted()) {
            g.setFill(colour.deriveColor(0, 1, 1, sole));
            g.fill();
            g.setFill(colour.deriveColor(0, 1, 1, touching));
            contact(foot.contact());
        }
        outline(foot, colour);
        g.restore();
    }

    /** Draws only where a foot was. */
    void drawGhost(Side side, FootPose foot, Color colour) {
        g.save();
        place(side, foot);
        trace();
        g.setStroke(colour.deriveColor(0, 1, 1, 0.55));
        g.setLineWidth(1.2);
        g.setLineDashes(4, 4);
        g.stroke();
        g.restore();
    }

    private void place(Side side, FootPose foot) {
        g.translate(scale.x(foot.heel().value()), scale.y(foot.heel().value()));
        g.rotate(foot.heading().value().degrees());
        if (side == Side.LEFT) {
            g.scale(-1, 1);
        }
    }

    private void trace() {
        double length = body.footLength() * scale.pixels();
        double breadth = body.footBreadth() * scale.pixels();
        int n = SoleShape.OUTLINE.length;
        g.beginPath();
        g.moveTo(SoleShape.OUTLINE[0][1] * breadth, -SoleShape.OUTLINE[0][0] * length);
        if (length < TINY) {
            for (double[] corner : SoleShape.OUTLINE) {
                g.lineTo(corner[1] * breadth, -corner[0] * length);
            }
            g.closePath();
            return;
        }
        for (int i = 0; i < n; i++) {
            double[] before = SoleShape.OUTLINE[(i + n - 1) % n];
            double[] from = SoleShape.OUTLINE[i];
            double[] to = SoleShape.OUTLINE[(i + 1) % n];
            double[] after = SoleShape.OUTLINE[(i + 2) % n];
            g.bezierCurveTo(
                    (from[1] + (to[1] - before[1]) / 6) * breadth,
                    -(from[0] + (to[0] - before[0]) / 6) * length,
                    (to[1] - (after[1] - from[1]) / 6) * breadth,
                    -(to[0] - (after[0] - from[0]) / 6) * length,
                    to[1] * breadth,
                    -to[0] * length);
        }
        g.closePath();
    }

    /** The part that touches, filled by itself: cutting it out of the whole sole would be slow. */
    private void contact(Contact contact) {
        double from = contact == Contact.BALL ? 0.62 : 0;
        double to = contact == Contact.HEEL ? 0.30 : 1.02;

        double length = body.footLength() * scale.pixels();
        double breadth = body.footBreadth() * scale.pixels();
        List<double[]> part = SoleShape.between(from, to);
        double[] x = part.stream().mapToDouble(point -> point[1] * breadth).toArray();
        double[] y = part.stream().mapToDouble(point -> -point[0] * length).toArray();
        g.fillPolygon(x, y, x.length);
    }

    private void outline(FootPose foot, Color colour) {
        g.setStroke(colour);
        g.setLineWidth(foot.lifted() ? 1.6 : 2);
        boolean known = foot.placedAsSaid();
        if (foot.lifted()) {
            g.setLineDashes(2, 3);
        } else if (!known) {
            g.setLineDashes(7, 4);
        }
        g.stroke();
    }
}
