package app.avrel.desktop.figure;

import app.avrel.body.Body;
import app.avrel.body.Side;
import app.avrel.floor.SpacePoint;
import app.avrel.mechanics.Skeleton;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Color;

/** Draws a skeleton as a clothed body, what is further away first. */
final class FigurePainter {

    /** Radii as shares of stature. */
    private static final double HIP = 0.058;

    private static final double WAIST = 0.070;
    private static final double CHEST = 0.068;
    private static final double SHOULDER = 0.040;
    private static final double KNEE = 0.037;
    private static final double ANKLE = 0.024;
    private static final double HEEL = 0.020;
    private static final double TOE = 0.013;
    private static final double ELBOW = 0.028;
    private static final double WRIST = 0.019;
    private static final double NECK = 0.028;

    private final GraphicsContext g;
    private final Projection seen;
    private final Tones tones;
    private final double stature;
    private final List<Part> parts = new ArrayList<>();

    private record Part(double near, Runnable draw) {}

    FigurePainter(GraphicsContext g, Projection seen, Tones tones, Body body) {
        this.g = g;
        this.seen = seen;
        this.tones = tones;
        this.stature = body.stature();
    }

    void draw(Skeleton skeleton) {
        for (Side side : Side.values()) {
            shadow(skeleton.limbs(side));
        }
        trunk(skeleton);
        head(skeleton);
        for (Side side : Side.values()) {
            leg(skeleton.limbs(side), colour(side));
            arm(skeleton.limbs(side), side);
        }
        parts.stream()
                .sorted(Comparator.comparingDouble(Part::near))
                .forEach(part -> part.draw().run());
    }

    private Color colour(Side side) {
        return side == Side.LEFT ? tones.left() : tones.right();
    }

    private void shadow(Skeleton.Limbs limbs) {
        SpacePoint heel = SpacePoint.over(limbs.heel().floor(), 0);
        SpacePoint toe = SpacePoint.over(limbs.toe().floor(), 0);
        double high = Math.min(limbs.heel().up(), limbs.toe().up());
        double strength = Math.clamp(1 - high / 0.5, 0.15, 1);
        Shape.around(ball(heel, HEEL * 1.5), ball(toe, HEEL * 1.5))
                .fill(g, tones.ground().deriveColor(0, 1, 1, 1.3 * strength));
    }

    private Shape.Ball ball(SpacePoint at, double share) {
        return new Shape.Ball(seen.of(at), share * stature * seen.pixels());
    }

    private void capsule(SpacePoint from, double first, SpacePoint to, double second, Color colour) {
        double near = (seen.of(from).near() + seen.of(to).near()) / 2;
        parts.add(new Part(
                near, () -> Shape.around(ball(from, first), ball(to, second)).paint(g, colour, tones.edge())));
    }

    private void leg(Skeleton.Limbs limbs, Color colour) {
        capsule(limbs.hip(), HIP, limbs.knee(), KNEE, colour);
        capsule(limbs.knee(), KNEE, limbs.ankle(), ANKLE, colour);
        SpacePoint heel = limbs.heel().towards(limbs.toe(), 0.10).plus(up(limbs));
        SpacePoint toe = limbs.toe().towards(limbs.heel(), 0.06).plus(up(limbs).times(0.7));
        SpacePoint ball = limbs.ball().plus(up(limbs).times(0.9));
        double near = (seen.of(heel).near() + seen.of(toe).near()) / 2;
        parts.add(new Part(
                near,
                () -> Shape.around(ball(heel, HEEL), ball(ball, HEEL * 0.92), ball(toe, TOE))
                        .paint(g, tones.hair().interpolate(colour, 0.35), tones.edge())));
        parts.add(new Part(near + 1, () -> sole(limbs, colour)));
    }

    /** The sole as a light edge: one sees at a glance whether heel or toes are up. */
    private void sole(Skeleton.Limbs limbs, Color colour) {
        Projection.Seen heel = seen.of(limbs.heel());
        Projection.Seen ball = seen.of(limbs.ball());
        Projection.Seen toe = seen.of(limbs.toe());
        g.setStroke(colour.interpolate(Color.WHITE, 0.35));
        g.setLineWidth(Math.max(1.5, 0.007 * stature * seen.pixels()));
        g.strokePolyline(new double[] {heel.x(), ball.x(), toe.x()}, new double[] {heel.y(), ball.y(), toe.y()}, 3);
    }

    /** From the sole to the middle of the shoe. */
    private SpacePoint up(Skeleton.Limbs limbs) {
        SpacePoint along = limbs.toe().minus(limbs.heel()).unit(new SpacePoint(0, 1, 0));
        SpacePoint over = limbs.ankle().minus(limbs.heel()).across(along).unit(SpacePoint.UP);
        return over.times(HEEL * stature);
    }

    private void trunk(Skeleton skeleton) {
        SpacePoint spine = skeleton.chest().minus(skeleton.pelvis());
        SpacePoint waist = skeleton.pelvis().plus(spine.times(0.36));
        SpacePoint breast = skeleton.pelvis().plus(spine.times(0.78));
        SpacePoint left = skeleton.left().shoulder();
        SpacePoint right = skeleton.right().shoulder();
        double near = seen.of(waist).near();
        double skirt = near + 0.035 * stature * seen.pixels();
        parts.add(new Part(
                skirt, () -> hem(skeleton, waist).paint(g, tones.cloth().deriveColor(0, 1, 0.93, 1), tones.edge())));
        parts.add(new Part(
                skirt + 1,
                () -> Shape.around(
                                ball(left, SHOULDER),
                                ball(right, SHOULDER),
                                ball(skeleton.chest().plus(spine.times(0.06)), NECK * 1.5),
                                ball(ribs(left, waist), CHEST * 0.6),
                                ball(ribs(right, waist), CHEST * 0.6),
                                ball(breast, CHEST),
                                ball(waist, WAIST))
                        .paint(g, tones.cloth(), tones.edge())));
        parts.add(new Part(skirt + 2, () -> lapels(skeleton, breast, waist)));
        parts.add(new Part(
                seen.of(skeleton.chest()).near(),
                () -> Shape.around(
                                ball(skeleton.chest().plus(SpacePoint.UP.times(0.01 * stature)), NECK),
                                ball(skeleton.chest().towards(skeleton.head(), 0.5), NECK))
                        .paint(g, tones.skin(), tones.edge())));
    }

    /** The side of the chest, between shoulder and waist. */
    private static SpacePoint ribs(SpacePoint shoulder, SpacePoint waist) {
        return shoulder.towards(waist, 0.42);
    }

    /** The jacket falls over the tops of the thighs. */
    private Shape hem(Skeleton skeleton, SpacePoint waist) {
        return Shape.around(
                ball(fallen(skeleton.left()), HIP * 1.02),
                ball(fallen(skeleton.right()), HIP * 1.02),
                ball(skeleton.left().hip(), HIP * 1.04),
                ball(skeleton.right().hip(), HIP * 1.04),
                ball(waist, WAIST));
    }

    private static SpacePoint fallen(Skeleton.Limbs limbs) {
        return limbs.hip().towards(limbs.knee(), 0.16);
    }

    /** The jacket's closing, which tells front from back, and a sash at the waist. */
    private void lapels(Skeleton skeleton, SpacePoint breast, SpacePoint waist) {
        double front = seen.toViewer(skeleton.front());
        if (front > 0.05) {
            SpacePoint out = skeleton.front().times(CHEST * stature * 0.95);
            Projection.Seen collar = seen.of(skeleton.chest().plus(out.times(0.5)));
            Projection.Seen middle = seen.of(breast.plus(out));
            Projection.Seen low = seen.of(waist.plus(out));
            g.setStroke(tones.edge());
            g.setLineWidth(1.6);
            g.beginPath();
            g.moveTo(collar.x(), collar.y());
            g.quadraticCurveTo(middle.x(), middle.y(), low.x(), low.y());
            g.stroke();
        }
    }

    private void head(Skeleton skeleton) {
        Projection.Seen at = seen.of(skeleton.head());
        parts.add(new Part(
                at.near() + 0.02 * stature * seen.pixels(),
                () -> new HeadPainter(g, seen, tones, stature).draw(skeleton.head(), skeleton.face())));
    }

    private void arm(Skeleton.Limbs limbs, Side side) {
        capsule(limbs.shoulder(), SHOULDER * 0.96, limbs.elbow(), ELBOW, colour(side));
        capsule(limbs.elbow(), ELBOW, limbs.wrist(), WRIST, colour(side));
        double near = seen.of(limbs.palm()).near() + 0.01 * stature * seen.pixels();
        parts.add(new Part(near, () -> new HandPainter(g, seen, tones, stature).draw(limbs, side)));
    }

    /** Adds something else at its own depth, such as a prop. */
    void with(double near, Runnable draw) {
        parts.add(new Part(near, draw));
    }
}
