package app.avrel.desktop.stagefloor;

import app.avrel.desktop.parts.Pens;
import app.avrel.floor.Directions;
import app.avrel.floor.FloorPoint;
import app.avrel.floor.Heading;
import javafx.geometry.VPos;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.text.TextAlignment;

/** Paints the bare floor: its grid, and the names of eight directions around the rim. */
final class FloorGround {

    private static final double GRID = 0.25;

    private final GraphicsContext g;
    private final FloorScale scale;
    private final Pens pens;
    private final double width;
    private final double height;

    FloorGround(GraphicsContext g, FloorScale scale, Pens pens, double width, double height) {
        this.g = g;
        this.scale = scale;
        this.pens = pens;
        this.width = width;
        this.height = height;
    }

    /** A line every quarter of a metre. */
    void grid() {
        g.setFill(pens.line());
        double across = width / scale.pixels() / 2;
        double along = height / scale.pixels() / 2;
        for (double at = floor(scale.centre().right() - across);
                at < scale.centre().right() + across;
                at += GRID) {
            double x = Math.rint(scale.x(new FloorPoint(at, 0))) + 0.5;
            g.fillRect(x - 0.5, 0, 1, height);
        }
        for (double at = floor(scale.centre().ahead() - along);
                at < scale.centre().ahead() + along;
                at += GRID) {
            double y = Math.rint(scale.y(new FloorPoint(0, at))) + 0.5;
            g.fillRect(0, y - 0.5, width, 1);
        }
    }

    private static double floor(double metres) {
        return Math.floor(metres / GRID) * GRID;
    }

    /** The names of eight directions around the rim, of four where it is tight, in the chosen vocabulary. */
    void rim(Directions directions, boolean tight) {
        double inset = pens.textSize() * 1.1;
        for (int i = 0; i < 8; i += tight ? 2 : 1) {
            Heading heading = new Heading(i * 45);
            double sin = Math.sin(Math.toRadians(heading.degrees()));
            double cos = Math.cos(Math.toRadians(heading.degrees()));
            double x = width / 2 + Math.signum(Math.rint(sin * 2)) * (width / 2 - inset);
            double y = height / 2 - Math.signum(Math.rint(cos * 2)) * (height / 2 - inset);
            String words = directions.say(heading);
            boolean main = i % 2 == 0;
            g.setFont(main ? pens.bold(1.1, words) : pens.font(0.9, words));
            g.setTextAlign(sin > 0.1 ? TextAlignment.RIGHT : sin < -0.1 ? TextAlignment.LEFT : TextAlignment.CENTER);
            g.setTextBaseline(VPos.CENTER);
            double shift = sin > 0.1 ? inset * 0.5 : sin < -0.1 ? -inset * 0.5 : 0;
            double wide = Pens.width(words, g.getFont()) + inset * 0.6;
            g.setFill(pens.paper());
            double left = sin > 0.1 ? x + shift - wide : sin < -0.1 ? x + shift : x - wide / 2;
            left = left + (sin > 0.1 ? 0 : sin < -0.1 ? -inset * 0.3 : 0);
            g.fillRect(left, y - pens.textSize() * 0.7, wide, pens.textSize() * 1.4);
            g.setFill(main ? pens.ink() : pens.soft());
            g.fillText(words, x + shift, y);
        }
    }
}
