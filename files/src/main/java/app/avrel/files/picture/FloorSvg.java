package app.avrel.files.picture;

import app.avrel.body.Body;
import app.avrel.body.Side;
import app.avrel.floor.FloorPoint;
import app.avrel.mechanics.Sole;
import app.avrel.motion.FootPose;
import app.avrel.motion.Pose;
import java.util.ArrayList;
import java.util.DoubleSummaryStatistics;
import java.util.List;

/** The feet on the floor, seen from above, the front at the top: how full of weight they are, where they came from. */
public final class FloorSvg {

    private static final double MARGIN = 6;

    private final Svg svg;
    private final Body body;
    private final FloorPoint middle;
    private final double scale;
    private final double size;

    private FloorSvg(Body body, FloorPoint middle, double metres, double size) {
        this.body = body;
        this.middle = middle;
        this.size = size;
        this.scale = (size - 2 * MARGIN) / metres;
        svg = new Svg(size, size);
    }

    /**
     * {@return one count}
     *
     * @param before how the feet stood before it
     * @param size of the square picture, pixels
     */
    public static String of(Pose before, Pose after, Body body, double size) {
        List<FloorPoint> all = new ArrayList<>();
        for (Pose pose : List.of(before, after)) {
            for (Side side : Side.values()) {
                all.addAll(Sole.of(pose.foot(side)).wholeOutline(body));
            }
        }
        DoubleSummaryStatistics across =
                all.stream().mapToDouble(FloorPoint::right).summaryStatistics();
        DoubleSummaryStatistics along =
                all.stream().mapToDouble(FloorPoint::ahead).summaryStatistics();
        FloorPoint middle =
                new FloorPoint((across.getMin() + across.getMax()) / 2, (along.getMin() + along.getMax()) / 2);
        double metres = Math.max(
                1.9 * body.footLength(), Math.max(across.getMax() - across.getMin(), along.getMax() - along.getMin()));
        FloorSvg floor = new FloorSvg(body, middle, metres, size);
        floor.draw(before, after);
        return floor.svg.text();
    }

    private Svg.Spot spot(FloorPoint point) {
        return new Svg.Spot(
                size / 2 + (point.right() - middle.right()) * scale,
                size / 2 - (point.ahead() - middle.ahead()) * scale);
    }

    private List<Svg.Spot> spots(List<FloorPoint> points) {
        List<Svg.Spot> spots = new ArrayList<>();
        points.forEach(point -> spots.add(spot(point)));
        return spots;
    }

    private void draw(Pose before, Pose after) {
        for (Side side : Side.values()) {
            was(before.foot(side), after.foot(side), side);
        }
        for (Side side : Side.values()) {
            foot(after, side);
        }
        facing(after);
    }

    private static String colour(Side side) {
        return side == Side.LEFT ? Svg.LEFT : Svg.RIGHT;
    }

    /** A foot that has gone elsewhere: where it stood, and its way. */
    private void was(FootPose before, FootPose after, Side side) {
        boolean moved = before.heel().value().distance(after.heel().value()) > 0.01
                || Math.abs(before.heading()
                                .value()
                                .turnTo(after.heading().value())
                                .degrees())
                        > 3;
        if (moved) {
            svg.polygon(
                    spots(Sole.of(before).wholeOutline(body)),
                    "fill=\"none\" stroke=\"%s\" stroke-width=\"1\" stroke-dasharray=\"3 3\"".formatted(colour(side)));
            svg.line(
                    spot(before.point(body, 0.5)),
                    spot(after.point(body, 0.5)),
                    "stroke=\"%s\" stroke-width=\"1\" stroke-dasharray=\"1 3\"".formatted(colour(side)));
        }
    }

    /** The fuller of weight, the darker; only what touches the floor is filled. */
    private void foot(Pose pose, Side side) {
        Sole sole = Sole.of(pose.foot(side));
        double share = pose.weight().middle(side) / 100;
        String colour = colour(side);
        svg.polygon(
                spots(sole.wholeOutline(body)),
                "fill=\"#FFFFFF\" fill-opacity=\"0.7\" stroke=\"%s\" stroke-width=\"1.6\"%s"
                        .formatted(colour, sole.lifted() ? " stroke-dasharray=\"5 3\"" : ""));
        if (!sole.lifted()) {
            svg.polygon(
                    spots(sole.outline(body)),
                    "fill=\"%s\" fill-opacity=\"%s\" stroke=\"none\""
                            .formatted(colour, Svg.number(0.12 + 0.78 * share)));
        }
        Svg.Spot at = spot(pose.foot(side).point(body, 0.45));
        String words = Long.toString(Math.round(pose.weight().middle(side)));
        svg.text(
                new Svg.Spot(at.x(), at.y() + 4),
                11,
                "middle",
                words,
                "fill=\"%s\" font-weight=\"bold\"".formatted(share > 0.45 ? "#FFFFFF" : Svg.INK));
    }

    /** An arrow from between the feet the way the chest faces. */
    private void facing(Pose pose) {
        Svg.Spot from = spot(pose.middle());
        Svg.Spot to = spot(pose.middle().plus(pose.facing().vector(0.22)));
        double dx = to.x() - from.x();
        double dy = to.y() - from.y();
        double length = Math.hypot(dx, dy);
        double ux = dx / length;
        double uy = dy / length;
        svg.line(from, to, "stroke=\"%s\" stroke-width=\"2\"".formatted(Svg.INK));
        svg.polygon(
                List.of(
                        new Svg.Spot(to.x() + ux * 6, to.y() + uy * 6),
                        new Svg.Spot(to.x() - uy * 4, to.y() + ux * 4),
                        new Svg.Spot(to.x() + uy * 4, to.y() - ux * 4)),
                "fill=\"%s\"".formatted(Svg.INK));
    }
}
