package app.avrel.desktop.figure;

import app.avrel.floor.SpacePoint;
import javafx.scene.canvas.GraphicsContext;

/** Draws a head that looks somewhere. */
final class HeadPainter {

    private static final double RADIUS = 0.058;

    private final GraphicsContext g;
    private final Projection seen;
    private final Tones tones;
    private final double radius;

    HeadPainter(GraphicsContext g, Projection seen, Tones tones, double stature) {
        this.g = g;
        this.seen = seen;
        this.tones = tones;
        this.radius = RADIUS * stature;
    }

    void draw(SpacePoint head, SpacePoint face) {
        SpacePoint low = SpacePoint.UP.times(-radius * 0.35);
        SpacePoint high = SpacePoint.UP.times(radius * 0.25);
        double facing = seen.toViewer(face);
        if (facing > 0) {
            bun(head, face);
        }
        around(head.plus(high), radius, head.plus(low).plus(face.times(radius * 0.1)), radius * 0.82)
                .paint(g, facing > -0.35 ? tones.skin() : tones.hair(), tones.edge());
        hair(head, face, facing);
        if (facing > -0.1) {
            features(head, face);
        }
        if (facing <= 0) {
            bun(head, face);
        }
    }

    private Shape around(SpacePoint one, double first, SpacePoint other, double second) {
        return Shape.around(
                new Shape.Ball(seen.of(one), first * seen.pixels()),
                new Shape.Ball(seen.of(other), second * seen.pixels()));
    }

    private void bun(SpacePoint head, SpacePoint face) {
        SpacePoint at = head.plus(face.times(-radius * 0.75)).plus(SpacePoint.UP.times(radius * 0.85));
        around(at, radius * 0.36, at, radius * 0.36).paint(g, tones.hair(), tones.edge());
    }

    /** Hair covers the back of the head and the crown. */
    private void hair(SpacePoint head, SpacePoint face, double facing) {
        SpacePoint crown = head.plus(SpacePoint.UP.times(radius * 0.72)).plus(face.times(-radius * 0.25));
        SpacePoint nape = head.plus(face.times(-radius * 0.52)).plus(SpacePoint.UP.times(-radius * 0.05));
        double cap = facing > 0.5 ? 0.52 : 0.62;
        around(crown, radius * cap, nape, radius * (facing > 0.5 ? 0.5 : 0.68))
                .fill(g, facing > 0.5 ? clear() : tones.hair());
        if (facing > 0.5) {
            SpacePoint top = head.plus(SpacePoint.UP.times(radius * 0.85));
            around(
                            top.plus(across(face).times(radius * 0.34)),
                            radius * 0.38,
                            top.plus(across(face).times(-radius * 0.34)),
                            radius * 0.38)
                    .fill(g, tones.hair());
        }
    }

    private static javafx.scene.paint.Color clear() {
        return javafx.scene.paint.Color.TRANSPARENT;
    }

    private static SpacePoint across(SpacePoint face) {
        return face.cross(SpacePoint.UP).unit(new SpacePoint(1, 0, 0));
    }

    private void features(SpacePoint head, SpacePoint face) {
        SpacePoint across = across(face);
        SpacePoint eyes = head.plus(face.times(radius * 0.9));
        g.setFill(tones.ink());
        for (int side : new int[] {-1, 1}) {
            SpacePoint eye = eyes.plus(across.times(side * radius * 0.38));
            if (seen.toViewer(eye.minus(head).unit(face)) > 0.12) {
                Projection.Seen at = seen.of(eye);
                double dot = Math.max(1.4, radius * 0.10 * seen.pixels());
                g.fillOval(at.x() - dot, at.y() - dot, 2 * dot, 2 * dot);
            }
        }
        Projection.Seen from = seen.of(head.plus(face.times(radius * 0.95)).plus(SpacePoint.UP.times(-radius * 0.05)));
        Projection.Seen tip = seen.of(head.plus(face.times(radius * 1.18)).plus(SpacePoint.UP.times(-radius * 0.32)));
        g.setStroke(tones.edge());
        g.setLineWidth(1.6);
        g.strokeLine(from.x(), from.y(), tip.x(), tip.y());
    }
}
