package app.avrel.files.picture;

import app.avrel.body.Body;
import app.avrel.body.Side;
import app.avrel.floor.SpacePoint;
import app.avrel.mechanics.Rig;
import app.avrel.mechanics.Skeleton;
import app.avrel.motion.Pose;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;

/** The body as one sees it, plainly: what is further away is drawn first. */
public final class FigureSvg {

    /** From where it is seen, in the frame of the posture. */
    public enum View {
        FRONT,
        SIDE
    }

    private record Part(double near, SpacePoint from, double first, SpacePoint to, double second, String colour) {}

    private static final String CLOTH = "#EFE9DC";
    private static final String SKIN = "#E2C7A8";
    private static final String SHOE = "#4A4640";

    private final Svg svg;
    private final View view;
    private final Body body;
    private final double scale;
    private final double width;
    private final double height;
    private final SpacePoint middle;
    private final List<Part> parts = new ArrayList<>();

    private FigureSvg(View view, Body body, Skeleton skeleton, double width, double height) {
        this.view = view;
        this.body = body;
        this.middle = skeleton.pelvis();
        this.width = width;
        this.height = height;
        double wide = Stream.of(Side.values())
                .map(skeleton::limbs)
                .flatMap(limbs -> Stream.of(
                        limbs.palm().plus(limbs.fingers().times(0.06 * body.stature())),
                        limbs.elbow(),
                        limbs.toe(),
                        limbs.heel(),
                        limbs.knee()))
                .mapToDouble(point -> Math.abs(across(point)))
                .max()
                .orElse(0);
        scale = Math.min(height / (1.12 * body.stature()), (width / 2 - 4) / (wide + 0.02));
        svg = new Svg(width, height);
    }

    /** {@return a pose in a picture of some width and height, pixels} */
    public static String of(Pose pose, Body body, View view, double width, double height) {
        Skeleton skeleton = Skeleton.of(Rig.of(pose, body), body);
        FigureSvg figure = new FigureSvg(view, body, skeleton, width, height);
        figure.draw(skeleton);
        return figure.svg.text();
    }

    /** From the front the performer's right is to the left; from the performer's right the front is to the right. */
    private Svg.Spot spot(SpacePoint point) {
        return new Svg.Spot(width / 2 + across(point) * scale, height - 8 - point.up() * scale);
    }

    private double across(SpacePoint point) {
        return switch (view) {
            case FRONT -> middle.right() - point.right();
            case SIDE -> point.ahead() - middle.ahead();
        };
    }

    private double near(SpacePoint point) {
        return view == View.FRONT ? point.ahead() : point.right();
    }

    private void part(SpacePoint from, double first, SpacePoint to, double second, String colour, double nearer) {
        parts.add(new Part((near(from) + near(to)) / 2 + nearer, from, first, to, second, colour));
    }

    private void draw(Skeleton skeleton) {
        svg.line(new Svg.Spot(4, height - 7), new Svg.Spot(width - 4, height - 7), "stroke=\"%s\"".formatted(Svg.LINE));
        part(skeleton.pelvis(), 0.075, skeleton.chest(), 0.085, CLOTH, 0);
        part(skeleton.left().shoulder(), 0.042, skeleton.right().shoulder(), 0.042, CLOTH, 0.001);
        part(skeleton.chest(), 0.03, skeleton.head(), 0.03, SKIN, -0.01);
        part(skeleton.head(), 0.062, skeleton.head(), 0.062, SKIN, 0.01);
        SpacePoint nose = skeleton.head().plus(skeleton.face().times(0.06 * body.stature()));
        part(nose, 0.014, nose, 0.014, SKIN, 0.012);
        for (Side side : Side.values()) {
            limbs(skeleton.limbs(side), side == Side.LEFT ? Svg.LEFT : Svg.RIGHT);
        }
        parts.sort(Comparator.comparingDouble(Part::near));
        parts.forEach(this::paint);
    }

    private void limbs(Skeleton.Limbs limbs, String colour) {
        part(limbs.hip(), 0.058, limbs.knee(), 0.038, colour, 0);
        part(limbs.knee(), 0.038, limbs.ankle(), 0.026, colour, 0);
        part(limbs.heel(), 0.018, limbs.toe(), 0.014, SHOE, 0.01);
        part(limbs.shoulder(), 0.038, limbs.elbow(), 0.028, colour, 0.002);
        part(limbs.elbow(), 0.028, limbs.wrist(), 0.02, colour, 0.002);
        SpacePoint tips = limbs.palm().plus(limbs.fingers().times(0.05 * body.stature()));
        part(limbs.wrist(), 0.018, tips, 0.012, SKIN, 0.012);
    }

    /** Two discs and what lies between them. */
    private void paint(Part part) {
        Svg.Spot from = spot(part.from());
        Svg.Spot to = spot(part.to());
        double first = part.first() * body.stature() * scale;
        double second = part.second() * body.stature() * scale;
        String style = "fill=\"%s\" stroke=\"%s\" stroke-width=\"0.8\"".formatted(part.colour(), Svg.INK);
        double length = Math.hypot(to.x() - from.x(), to.y() - from.y());
        if (length <= Math.abs(first - second) + 0.5) {
            boolean larger = first >= second;
            svg.circle(larger ? from : to, Math.max(first, second), style);
            return;
        }
        double along = Math.atan2(to.y() - from.y(), to.x() - from.x());
        double open = Math.acos((first - second) / length);
        Svg.Spot a = on(from, first, along + open);
        Svg.Spot b = on(to, second, along + open);
        Svg.Spot c = on(to, second, along - open);
        Svg.Spot d = on(from, first, along - open);
        svg.path(
                "M%s L%s A%s %s 0 %s 0 %s L%s A%s %s 0 %s 0 %s Z"
                        .formatted(
                                at(a),
                                at(b),
                                Svg.number(second),
                                Svg.number(second),
                                open > Math.PI / 2 ? 1 : 0,
                                at(c),
                                at(d),
                                Svg.number(first),
                                Svg.number(first),
                                open < Math.PI / 2 ? 1 : 0,
                                at(a)),
                style);
    }

    private static Svg.Spot on(Svg.Spot centre, double radius, double angle) {
        return new Svg.Spot(centre.x() + radius * Math.cos(angle), centre.y() + radius * Math.sin(angle));
    }

    private static String at(Svg.Spot spot) {
        return Svg.number(spot.x()) + " " + Svg.number(spot.y());
    }
}
