package app.avrel.desktop.figure;

import app.avrel.body.Side;
import app.avrel.floor.SpacePoint;
import app.avrel.mechanics.Skeleton;
import app.avrel.rules.Spot;
import java.util.List;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Color;

/** Rings the part of the figure that a finding is about; from a knee a plumb line hangs to the floor. */
record SpotPainter(GraphicsContext g, Projection seen, double stature, Color ring, Color halo) {

    private static final double RADIUS = 0.055;

    void draw(Skeleton skeleton, Spot spot) {
        List<Side> sides = spot.side().map(List::of).orElse(List.of(Side.LEFT, Side.RIGHT));
        switch (spot.part()) {
            case FOOT -> sides.forEach(side -> ring(skeleton.limbs(side).ball()));
            case KNEE ->
                sides.forEach(side -> {
                    plumb(skeleton.limbs(side).knee());
                    ring(skeleton.limbs(side).knee());
                });
            case HIP -> sides.forEach(side -> ring(skeleton.limbs(side).hip()));
            case HAND -> sides.forEach(side -> ring(skeleton.limbs(side).palm()));
            case TRUNK, BREATH -> ring(skeleton.pelvis().towards(skeleton.chest(), 0.6));
            case EYES -> ring(skeleton.head());
            case BALANCE -> plumb(skeleton.pelvis());
        }
    }

    private void ring(SpacePoint at) {
        Projection.Seen centre = seen.of(at);
        double radius = RADIUS * stature * seen.pixels();
        for (boolean inner : new boolean[] {false, true}) {
            g.setStroke(inner ? ring : halo);
            g.setLineWidth(inner ? 4 : 8);
            g.strokeOval(centre.x() - radius, centre.y() - radius, 2 * radius, 2 * radius);
        }
    }

    private void plumb(SpacePoint from) {
        Projection.Seen top = seen.of(from);
        Projection.Seen foot = seen.of(SpacePoint.over(from.floor(), 0));
        g.setStroke(ring);
        g.setLineWidth(2.5);
        g.setLineDashes(7, 5);
        g.strokeLine(top.x(), top.y(), foot.x(), foot.y());
        g.setLineDashes();
        g.setFill(ring);
        g.fillOval(foot.x() - 4, foot.y() - 4, 8, 8);
    }
}
