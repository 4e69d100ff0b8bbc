package app.avrel.files.picture;

import app.avrel.form.Moment;
import app.avrel.form.Occurrence;
import app.avrel.form.Playing;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;

/** The ribbon of a whole form, in rows like lines of writing: each posture under its name, none parted by the end of a row. */
public final class FormRibbonSvg {

    private static final double USUAL_WIDTH = 1200;
    private static final double USUAL_BEAT = 34;
    private static final double MARGIN = 12;
    private static final double NAME = 18;
    private static final double BAND = 84;
    private static final double GAP = 22;
    private static final double TEXT = 12;
    private static final double LETTER = 6.6;

    /** A posture, as wide as its beats or its name need. */
    private record Piece(Occurrence done, String name, double width) {}

    private final double width;
    private final double beat;
    private final Function<Occurrence, String> names;

    private FormRibbonSvg(double width, double beat, Function<Occurrence, String> names) {
        this.width = width;
        this.beat = beat;
        this.names = names;
    }

    /**
     * {@return the ribbon of a form}
     *
     * @param width in pixels, at least 200; the height follows
     * @param beat how many pixels wide a beat is, above 0; a posture longer than a row is drawn narrower
     * @param names what is written over each posture
     */
    public static String of(List<Occurrence> form, double width, double beat, Function<Occurrence, String> names) {
        return new FormRibbonSvg(width, beat, names).drawn(form);
    }

    /** {@return the ribbon of a form in the usual size} */
    public static String of(List<Occurrence> form, Function<Occurrence, String> names) {
        return of(form, USUAL_WIDTH, USUAL_BEAT, names);
    }

    private String drawn(List<Occurrence> form) {
        List<List<Piece>> rows = rows(form);
        Svg svg = new Svg(width, MARGIN + rows.size() * (NAME + BAND + GAP));
        double y = MARGIN;
        for (List<Piece> row : rows) {
            double x = MARGIN;
            for (Piece piece : row) {
                svg.text(new Svg.Spot(x, y + TEXT), TEXT, "start", piece.name(), "fill=\"%s\"".formatted(Svg.INK));
                RibbonSvg.draw(svg, List.of(piece.done()), new Svg.Spot(x, y + NAME), drawnWidth(piece.done()), BAND);
                x += piece.width();
            }
            y += NAME + BAND + GAP;
        }
        return svg.text();
    }

    private List<List<Piece>> rows(List<Occurrence> form) {
        List<List<Piece>> rows = new ArrayList<>();
        double used = Double.MAX_VALUE;
        for (Occurrence done : form) {
            String name = names.apply(done);
            double wide = Math.max(drawnWidth(done) + TEXT / 2, written(name) + TEXT);
            if (used + wide > width - MARGIN) {
                rows.add(new ArrayList<>());
                used = MARGIN;
            }
            rows.getLast().add(new Piece(done, name, wide));
            used += wide;
        }
        return rows;
    }

    private double drawnWidth(Occurrence done) {
        double beats = Moment.byCount(done.moments()).stream()
                .mapToDouble(count -> Playing.measures(count.getFirst().count()))
                .sum();
        return Math.min(width - 2 * MARGIN, beats * beat);
    }

    /** About how wide a name is; Chinese characters are twice as wide as letters. */
    private static double written(String name) {
        return name.codePoints()
                .mapToDouble(letter -> Character.isIdeographic(letter) ? TEXT : LETTER)
                .sum();
    }
}
