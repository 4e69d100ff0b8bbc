package app.avrel.desktop.figure;

import app.avrel.body.Side;
import app.avrel.floor.SpacePoint;
import app.avrel.mechanics.Skeleton;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Color;

/** Draws a hand: the palm is lighter than the back, so that one sees which way it looks; the shape is its own. */
final class HandPainter {

    private static final double LENGTH = 0.108;
    private static final double BREADTH = 0.050;
    private static final double THICK = 0.011;

    private final GraphicsContext g;
    private final Projection seen;
    private final Tones tones;
    private final double stature;

    HandPainter(GraphicsContext g, Projection seen, Tones tones, double stature) {
        this.g = g;
        this.seen = seen;
        this.tones = tones;
        this.stature = stature;
    }

    void draw(Skeleton.Limbs limbs, Side side) {
        switch (limbs.shape()) {
            case OPEN, ROUNDED -> open(limbs, side);
            case FIST, LOOSE_FIST -> fist(limbs, side);
            case HOOK -> hook(limbs, side);
            case SWORD_FINGERS -> swordFingers(limbs, side);
        }
    }

    private Color back(Side side) {
        return tones.skin().interpolate(side == Side.LEFT ? tones.left() : tones.right(), 0.45);
    }

    private Color shown(Skeleton.Limbs limbs, Side side) {
        boolean palm = seen.toViewer(limbs.facing()) > 0;
        return palm ? tones.skin().interpolate(Color.WHITE, 0.35) : back(side);
    }

    private SpacePoint thumb(Skeleton.Limbs limbs, Side side) {
        return limbs.fingers().cross(limbs.facing()).times(side.sign()).unit(limbs.fingers());
    }

    private Shape.Ball ball(SpacePoint at, double share) {
        return new Shape.Ball(seen.of(at), share * stature * seen.pixels());
    }

    private void open(Skeleton.Limbs limbs, Side side) {
        SpacePoint across = thumb(limbs, side).times(BREADTH * stature / 2);
        SpacePoint along = limbs.fingers().times(LENGTH * stature);
        SpacePoint root = limbs.palm().plus(along.times(-0.42));
        SpacePoint tip = limbs.palm().plus(along.times(0.55));
        SpacePoint thumbRoot = limbs.palm().plus(along.times(-0.22)).plus(across.times(0.8));
        SpacePoint thumbTip = limbs.palm().plus(along.times(0.12)).plus(across.times(1.75));
        Color colour = shown(limbs, side);
        Shape.around(ball(thumbRoot, THICK), ball(thumbTip, THICK * 0.8)).paint(g, colour, tones.edge());
        Shape.around(
                        ball(root.plus(across.times(0.62)), THICK),
                        ball(root.plus(across.times(-0.62)), THICK),
                        ball(limbs.palm().plus(across), THICK),
                        ball(limbs.palm().plus(across.times(-1)), THICK),
                        ball(tip.plus(across.times(0.45)), THICK * 0.9),
                        ball(tip.plus(across.times(-0.45)), THICK * 0.9))
                .paint(g, colour, tones.edge());
    }

    private void fist(Skeleton.Limbs limbs, Side side) {
        SpacePoint across = thumb(limbs, side).times(BREADTH * stature * 0.35);
        SpacePoint knuckles = limbs.palm().plus(limbs.fingers().times(0.02 * stature));
        Shape.around(
                        ball(knuckles.plus(across), 0.022),
                        ball(knuckles.plus(across.times(-1)), 0.022),
                        ball(limbs.palm().plus(limbs.fingers().times(-0.02 * stature)), 0.020))
                .paint(g, shown(limbs, side), tones.edge());
    }

    /** Fingertips gathered and hanging down from a raised wrist. */
    private void hook(Skeleton.Limbs limbs, Side side) {
        SpacePoint bend = limbs.wrist()
                .plus(limbs.palm().minus(limbs.wrist()).times(0.8))
                .plus(SpacePoint.UP.times(0.015 * stature));
        SpacePoint tip = bend.plus(SpacePoint.UP.times(-0.075 * stature));
        Shape.around(ball(limbs.wrist(), 0.019), ball(bend, 0.021)).paint(g, back(side), tones.edge());
        Shape.around(ball(bend, 0.020), ball(tip, 0.008)).paint(g, back(side), tones.edge());
    }

    private void swordFingers(Skeleton.Limbs limbs, Side side) {
        SpacePoint root = limbs.palm().plus(limbs.fingers().times(-0.02 * stature));
        SpacePoint tip = limbs.palm().plus(limbs.fingers().times(0.075 * stature));
        Shape.around(ball(limbs.palm(), 0.009), ball(tip, 0.008)).paint(g, shown(limbs, side), tones.edge());
        Shape.around(ball(root, 0.021), ball(limbs.palm(), 0.021)).paint(g, shown(limbs, side), tones.edge());
    }
}
