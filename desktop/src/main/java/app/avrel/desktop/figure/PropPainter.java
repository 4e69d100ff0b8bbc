package app.avrel.desktop.figure;

import app.avrel.body.Side;
import app.avrel.floor.Direction;
import app.avrel.floor.SpacePoint;
import app.avrel.mechanics.Skeleton;
import app.avrel.posture.hand.HeldProp;
import app.avrel.posture.hand.Pointing;
import app.avrel.posture.hand.PropState;
import javafx.scene.canvas.GraphicsContext;

/** Draws what is held: a staff, a blade, a fan. */
final class PropPainter {

    private static final double LEANING = 0.45;

    private final GraphicsContext g;
    private final Projection seen;
    private final Tones tones;
    private final double stature;

    PropPainter(GraphicsContext g, Projection seen, Tones tones, double stature) {
        this.g = g;
        this.seen = seen;
        this.tones = tones;
        this.stature = stature;
    }

    void draw(HeldProp held, Skeleton skeleton) {
        SpacePoint way = way(held, skeleton);
        SpacePoint grip = skeleton.limbs(held.held()).palm();
        switch (held.prop()) {
            case STAFF -> rod(grip.plus(way.times(-0.32 * stature)), grip.plus(way.times(0.42 * stature)), 0.009);
            case SWORD, SABRE -> {
                rod(grip.plus(way.times(-0.06 * stature)), grip.plus(way.times(0.02 * stature)), 0.011);
                rod(grip.plus(way.times(0.02 * stature)), grip.plus(way.times(0.42 * stature)), 0.006);
            }
            case FAN -> fan(held, grip, way, skeleton.front());
        }
    }

    private void rod(SpacePoint from, SpacePoint to, double radius) {
        Shape.around(
                        new Shape.Ball(seen.of(from), radius * stature * seen.pixels()),
                        new Shape.Ball(seen.of(to), radius * stature * seen.pixels()))
                .paint(g, tones.hair().interpolate(tones.skin(), 0.35), tones.edge());
    }

    private void fan(HeldProp held, SpacePoint grip, SpacePoint way, SpacePoint front) {
        if (held.state() == PropState.CLOSED) {
            rod(grip, grip.plus(way.times(0.17 * stature)), 0.010);
            return;
        }
        SpacePoint across = way.cross(front).unit(new SpacePoint(1, 0, 0));
        Projection.Seen[] corners = new Projection.Seen[12];
        corners[0] = seen.of(grip);
        for (int i = 1; i < corners.length; i++) {
            double angle = Math.toRadians(-70 + 140.0 * (i - 1) / (corners.length - 2));
            corners[i] = seen.of(grip.plus(way.times(Math.cos(angle) * 0.17 * stature))
                    .plus(across.times(Math.sin(angle) * 0.17 * stature)));
        }
        Shape.through(corners).paint(g, tones.skin(), tones.edge());
    }

    private static SpacePoint way(HeldProp held, Skeleton skeleton) {
        SpacePoint right = SpacePoint.UP.cross(skeleton.front()).times(-1).unit(new SpacePoint(1, 0, 0));
        Side side = held.held();
        SpacePoint pointed = switch (held.points().orElse(Pointing.UP)) {
            case UP -> SpacePoint.UP;
            case DOWN -> SpacePoint.UP.times(-1);
            case FORWARD -> skeleton.front();
            case BACK -> skeleton.front().times(-1);
            case TO_THE_LEFT -> right.times(-1);
            case TO_THE_RIGHT -> right;
            case IN, ACROSS -> right.times(-side.sign());
            case OUT -> right.times(side.sign());
        };
        return held.toward()
                .filter(Direction.OfPosture.class::isInstance)
                .map(to -> pointed.plus(
                        SpacePoint.along(((Direction.OfPosture) to).heading().degrees())
                                .times(LEANING)))
                .orElse(pointed)
                .unit(SpacePoint.UP);
    }
}
