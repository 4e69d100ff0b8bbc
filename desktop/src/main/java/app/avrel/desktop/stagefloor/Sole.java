package app.avrel.desktop.stagefloor;

import app.avrel.body.Body;
import app.avrel.body.Side;
import app.avrel.motion.FootPose;
import app.avrel.posture.Contact;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Color;

/** Draws a sole about its heel, then moves and turns it. */
final class Sole {

    /** Along from the heel in foot-lengths, across in foot-breadths with the little toe's side positive. */
    private static final double[][] OUTLINE = {
        {0.00, 0.00},
        {0.03, 0.22},
        {0.14, 0.33},
        {0.38, 0.33},
        {0.62, 0.45},
        {0.78, 0.47},
        {0.90, 0.36},
        {0.97, 0.12},
        {1.00, -0.14},
        {0.97, -0.34},
        {0.86, -0.46},
        {0.72, -0.48},
        {0.52, -0.28},
        {0.32, -0.24},
        {0.14, -0.31},
        {0.03, -0.20}
    };

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
        g.setFill(colour.deriveColor(0, 1, 1, 0.12 + 0.5 * load));
        if (!foot.lifted()) {
            g.fill();
            contact(foot.contact(), load, colour);
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
        int n = OUTLINE.length;
        g.beginPath();
        g.moveTo(OUTLINE[0][1] * breadth, -OUTLINE[0][0] * length);
        for (int i = 0; i < n; i++) {
            double[] before = OUTLINE[(i + n - 1) % n];
            double[] from = OUTLINE[i];
            double[] to = OUTLINE[(i + 1) % n];
            double[] after = OUTLINE[(i + 2) % n];
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

    private void contact(Contact contact, double load, Color colour) {
        double from = contact == Contact.BALL ? 0.62 : 0;
        double to = contact == Contact.HEEL ? 0.30 : 1.02;
        double length = body.footLength() * scale.pixels();
        double breadth = body.footBreadth() * scale.pixels();
        g.save();
        g.clip();
        g.setFill(colour.deriveColor(0, 1, 1, 0.25 + 0.55 * load));
        g.fillRect(-breadth, -to * length, 2 * breadth, (to - from) * length);
        g.restore();
        trace();
    }

    private void outline(FootPose foot, Color colour) {
        g.setStroke(colour);
        g.setLineWidth(foot.lifted() ? 1.6 : 2);
        boolean known = foot.heel().known() && foot.heading().known();
        if (foot.lifted()) {
            g.setLineDashes(2, 3);
        } else if (!known) {
            g.setLineDashes(7, 4);
        }
        g.stroke();
    }
}
