package app.avrel.files.picture;

import app.avrel.body.Side;
import app.avrel.form.Moment;
import app.avrel.form.Occurrence;
import app.avrel.form.Playing;
import java.util.ArrayList;
import java.util.List;

/** The weight along the counts: the left leg's share above the line, the right one's below it. */
public final class RibbonSvg {

    private RibbonSvg() {}

    /** {@return the ribbon of a stretch, with the counts' numbers; width and height in pixels} */
    public static String of(List<Occurrence> stretch, double width, double height) {
        Svg svg = new Svg(width, height);
        draw(svg, stretch, new Svg.Spot(0, 0), width, height);
        return svg.text();
    }

    /** Draws the ribbon of a stretch into a picture, its upper left corner at a place. */
    static void draw(Svg svg, List<Occurrence> stretch, Svg.Spot corner, double width, double height) {
        List<List<Moment>> counts = stretch.stream()
                .flatMap(done -> Moment.byCount(done.moments()).stream())
                .toList();
        double beats = counts.stream()
                .mapToDouble(count -> Playing.measures(count.getFirst().count()))
                .sum();
        double each = width / Math.max(1, beats);
        double line = corner.y() + (height + 14) / 2;
        double half = (height - 18) / 2;
        List<Svg.Spot> left = new ArrayList<>();
        List<Svg.Spot> right = new ArrayList<>();
        double x = corner.x();
        for (List<Moment> count : counts) {
            Moment first = count.getFirst();
            add(left, right, x, share(first, true), line, half);
            double length = Playing.measures(first.count()) * each;
            for (int i = 0; i < count.size(); i++) {
                double end = x + length * (i + 1) / count.size();
                add(left, right, end, share(count.get(i), false), line, half);
            }
            x += length;
        }
        close(left, line);
        close(right, line);
        if (counts.isEmpty()) {
            return;
        }
        svg.polygon(left, "fill=\"%s\"".formatted(Svg.LEFT));
        svg.polygon(right, "fill=\"%s\"".formatted(Svg.RIGHT));
        numbers(svg, counts, corner, each, height);
    }

    private static double share(Moment moment, boolean before) {
        return (before ? moment.before() : moment.after()).weight().middle(Side.LEFT) / 100;
    }

    private static void add(
            List<Svg.Spot> left, List<Svg.Spot> right, double x, double share, double line, double half) {
        left.add(new Svg.Spot(x, line - share * half));
        right.add(new Svg.Spot(x, line + (1 - share) * half));
    }

    private static void close(List<Svg.Spot> side, double line) {
        if (!side.isEmpty()) {
            side.addFirst(new Svg.Spot(side.getFirst().x(), line));
            side.add(new Svg.Spot(side.getLast().x(), line));
        }
    }

    private static void numbers(Svg svg, List<List<Moment>> counts, Svg.Spot corner, double each, double height) {
        double x = corner.x();
        for (List<Moment> count : counts) {
            Moment first = count.getFirst();
            boolean own = first.place().section() == Moment.Section.POSTURE;
            svg.line(
                    new Svg.Spot(x, corner.y() + 14),
                    new Svg.Spot(x, corner.y() + height),
                    "stroke=\"%s\"".formatted(Svg.LINE));
            String number = own ? Integer.toString(first.place().count() + 1) : "·";
            svg.text(new Svg.Spot(x + 3, corner.y() + 11), 11, "start", number, "fill=\"%s\"".formatted(Svg.INK));
            x += Playing.measures(first.count()) * each;
        }
    }
}
