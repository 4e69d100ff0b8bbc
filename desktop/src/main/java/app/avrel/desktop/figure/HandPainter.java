package app.avrel.desktop.figure;

import app.avrel.body.Side;
import app.avrel.floor.SpacePoint;
import app.avrel.mechanics.Skeleton;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Color;

/** Draws a hand: the palm is lighter than the back, so that one sees which way it looks; the shape is its own. */
final class HandPainter {

    private static final double LENGTH = 0.122;
    private static final double BREADTH = 0.058;
    private static final double THICK = 0.0115;

    /** How far the fingertips of a rounded hand bend toward where its palm looks. */
    private static final double CURVE = 0.28;

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
            case OPEN -> open(limbs, side, 0);
            case ROUNDED -> open(limbs, side, CURVE);
            case FIST -> fist(limbs, side, 0.35);
            case LOOSE_FIST -> fist(limbs, side, 0.42);
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

    /**
     * Four fingers, a palm and a thumb.
     *
     * @param curve how far the fingertips bend toward where the palm looks, as a share of the hand's length
     */
    private void open(Skeleton.Limbs limbs, Side side, double curve) {
        SpacePoint across = thumb(limbs, side).times(BREADTH * stature / 2);
        SpacePoint along = limbs.fingers().times(LENGTH * stature);
        SpacePoint bend = limbs.facing().times(curve * LENGTH * stature);
        SpacePoint root = limbs.palm().plus(along.times(-0.42));
        SpacePoint tip = limbs.palm().plus(along.times(curve > 0 ? 0.46 : 0.6)).plus(bend);
        SpacePoint thumbRoot = limbs.palm().plus(along.times(-0.25)).plus(across.times(0.8));
        SpacePoint thumbTip =
                limbs.palm().plus(along.times(0.08)).plus(across.times(1.8)).plus(bend.times(0.5));
        Color colour = shown(limbs, side);
        Shape.around(ball(thumbRoot, THICK * 1.1), ball(thumbTip, THICK * 0.85)).paint(g, colour, tones.edge());
        for (double finger = -3; finger <= 3; finger += 2) {
            SpacePoint beside = across.times(finger / 4);
            double length = 1 - Math.abs(finger - 0.6) * 0.045;
            SpacePoint knuckle = limbs.palm().plus(along.times(0.08)).plus(beside);
            SpacePoint end =
                    limbs.palm().plus(tip.minus(limbs.palm()).times(length)).plus(beside.times(1.05));
            Shape.around(ball(knuckle, THICK), ball(end, THICK * 0.8)).paint(g, colour, tones.edge());
        }
        Shape.around(
                        ball(root.plus(across.times(0.6)), THICK),
                        ball(root.plus(across.times(-0.6)), THICK),
                        ball(limbs.palm().plus(along.times(0.08)).plus(across.times(0.85)), THICK),
                        ball(limbs.palm().plus(along.times(0.08)).plus(across.times(-0.85)), THICK))
                .paint(g, colour, tones.edge());
        if (seen.toViewer(limbs.facing()) > 0.25) {
            heart(limbs, along, across);
        }
    }

    /** The line of the palm, which only the palm has. */
    private void heart(Skeleton.Limbs limbs, SpacePoint along, SpacePoint across) {
        Projection.Seen from = seen.of(limbs.palm().plus(along.times(-0.3)).plus(across.times(0.1)));
        Projection.Seen by = seen.of(limbs.palm().plus(along.times(-0.05)).plus(across.times(0.05)));
        Projection.Seen to = seen.of(limbs.palm().plus(along.times(0.02)).plus(across.times(0.7)));
        g.setStroke(tones.edge());
        g.setLineWidth(1.2);
        g.beginPath();
        g.moveTo(from.x(), from.y());
        g.quadraticCurveTo(by.x(), by.y(), to.x(), to.y());
        g.stroke();
    }

    /**
     * Rolled fingers with their knuckles, and the thumb over them.
     *
     * @param breadth of the knuckles as a share of the hand's: a loose fist is wider
     */
    private void fist(Skeleton.Limbs limbs, Side side, double breadth) {
        SpacePoint across = thumb(limbs, side).times(BREADTH * stature * breadth);
        SpacePoint knuckles = limbs.palm().plus(limbs.fingers().times(0.02 * stature));
        Color colour = shown(limbs, side);
        Shape.around(
                        ball(knuckles.plus(across), 0.022),
                        ball(knuckles.plus(across.times(-1)), 0.022),
                        ball(limbs.palm().plus(limbs.fingers().times(-0.02 * stature)), 0.020))
                .paint(g, colour, tones.edge());
        g.setStroke(tones.edge());
        g.setLineWidth(1.2);
        for (double finger = -0.5; finger <= 0.5; finger += 0.5) {
            SpacePoint at = knuckles.plus(across.times(finger * 1.4));
            Projection.Seen from = seen.of(at.plus(limbs.fingers().times(0.018 * stature)));
            Projection.Seen to = seen.of(at.plus(limbs.fingers().times(-0.006 * stature)));
            g.strokeLine(from.x(), from.y(), to.x(), to.y());
        }
        if (seen.toViewer(limbs.facing()) > 0) {
            SpacePoint low = limbs.palm().plus(limbs.facing().times(0.018 * stature));
            Shape.around(ball(low.plus(across), 0.010), ball(low.plus(across.times(-0.3)), 0.009))
                    .paint(g, colour, tones.edge());
        }
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
