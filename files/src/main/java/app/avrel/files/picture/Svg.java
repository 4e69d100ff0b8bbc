package app.avrel.files.picture;

import java.util.List;
import java.util.Locale;

/**
 * A picture as SVG text, in pixels from its top left corner.
 *
 * <p>Left and right have the colours that they have on the screen; all else is ink.
 */
final class Svg {

    static final String LEFT = "#1D6B70";
    static final String RIGHT = "#B9771A";
    static final String INK = "#2A2825";
    static final String SOFT = "#8A8377";
    static final String LINE = "#D9D2C3";

    /** A place in the picture. */
    record Spot(double x, double y) {}

    private final StringBuilder body = new StringBuilder();
    private final double width;
    private final double height;

    /** A picture so many pixels wide and high, in whole pixels: some who read SVG know no others. */
    Svg(double width, double height) {
        this.width = Math.rint(width);
        this.height = Math.rint(height);
    }

    /** {@return a number in at most two decimals} */
    static String number(double value) {
        double rounded = Math.round(value * 100) / 100.0;
        return rounded == Math.rint(rounded)
                ? Long.toString(Math.round(rounded))
                : String.format(Locale.ROOT, "%.2f", rounded);
    }

    /** {@return text in which nothing is taken for markup} */
    static String escaped(String text) {
        return text.replace("&", "&amp;")
                .replace("<", "&lt;")
                .replace(">", "&gt;")
                .replace("\"", "&quot;");
    }

    private static String points(List<Spot> spots) {
        StringBuilder all = new StringBuilder();
        spots.forEach(spot -> all.append(number(spot.x()))
                .append(',')
                .append(number(spot.y()))
                .append(' '));
        return all.toString().strip();
    }

    /** @param style further attributes, such as {@code fill="none"} */
    void polygon(List<Spot> spots, String style) {
        body.append("<polygon points=\"%s\" %s/>\n".formatted(points(spots), style));
    }

    void line(Spot from, Spot to, String style) {
        body.append("<line x1=\"%s\" y1=\"%s\" x2=\"%s\" y2=\"%s\" %s/>\n"
                .formatted(number(from.x()), number(from.y()), number(to.x()), number(to.y()), style));
    }

    void circle(Spot at, double radius, String style) {
        body.append("<circle cx=\"%s\" cy=\"%s\" r=\"%s\" %s/>\n"
                .formatted(number(at.x()), number(at.y()), number(radius), style));
    }

    void path(String way, String style) {
        body.append("<path d=\"%s\" %s/>\n".formatted(way, style));
    }

    void text(Spot at, double size, String anchor, String words, String style) {
        body.append(
                "<text x=\"%s\" y=\"%s\" font-size=\"%s\" text-anchor=\"%s\" font-family=\"'Atkinson Hyperlegible Next', 'Avrel Kai', sans-serif\" %s>%s</text>\n"
                        .formatted(number(at.x()), number(at.y()), number(size), anchor, style, escaped(words)));
    }

    /** {@return the whole picture} */
    String text() {
        return "<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"%s\" height=\"%s\" viewBox=\"0 0 %s %s\">\n%s</svg>\n"
                .formatted(number(width), number(height), number(width), number(height), body);
    }
}
