package app.avrel.desktop.ribbon;

import app.avrel.body.Side;
import app.avrel.desktop.parts.Pens;
import java.util.List;
import javafx.scene.canvas.GraphicsContext;

/** Paints the ribbon's cells: rows from the top are numbers, load, breath, words, findings. */
final class RibbonPainter {

    /** Pixels below which a count is drawn as part of a band. */
    private static final double NARROW = 3;

    /** In sizes of text: the numbers above the band, they and the words below it, and either half of the band. */
    private static final double HEAD = 2.4;

    private static final double ROWS = 6.6;
    private static final double LEAST_HALF = 0.6;
    private static final double MOST_HALF = 2.1;

    private static final double[] DASHES = {6, 5};

    private static final double LARGE = 1.34;
    private static final double LEADING = 1.2;

    private final GraphicsContext g;
    private final RibbonScale scale;
    private final Pens pens;
    private final RibbonLetters letters;
    private final RibbonMarks marks;
    private final List<RibbonCell> cells;
    private final double height;
    private final boolean recorded;
    private final boolean form;
    private final boolean spelled;
    private final double half;
    private final double middle;
    private boolean dense;
    private double partEnd = -1;

    /** @param recorded whether what is shown is recorded, and not only shown */
    RibbonPainter(
            GraphicsContext g, RibbonScale scale, Pens pens, List<RibbonCell> cells, double height, boolean recorded) {
        this.g = g;
        this.scale = scale;
        this.pens = pens;
        this.cells = cells;
        this.recorded = recorded;
        letters = new RibbonLetters(g, scale, pens, cells);
        form = cells.stream().anyMatch(cell -> !cell.group().isEmpty());
        spelled = spelled(cells);
        this.height = height;
        half = half(scale.text(), height);
        middle = middle(scale.text(), height);
        marks = new RibbonMarks(g, scale.text(), pens, middle, half);
    }

    /** {@return how high either half of the band can be, for a size of text: less where the words would not fit below it} */
    static double half(double text, double height) {
        return Math.clamp((height - ROWS * text) / 2, LEAST_HALF * text, MOST_HALF * text);
    }

    /** {@return where the halves of the band meet, from the top} */
    static double middle(double text, double height) {
        return text * HEAD + half(text, height);
    }

    void paint(int chosen, boolean focused) {
        int first = scale.firstSeen();
        int past = scale.pastSeen();
        dense = dense(first, past);
        boolean chooses = chosen >= 0 && chosen < cells.size();
        if (dense) {
            new DenseBand(g, scale, middle, half)
                    .paint(cells, first, past, pens.side(Side.LEFT), pens.side(Side.RIGHT));
            if (chooses) {
                needle(chosen);
            }
        } else {
            if (chooses) {
                frame(chosen, focused);
            }
            new LoadBand(g, scale, middle, half).paint(cells, first, past, pens.side(Side.LEFT), pens.side(Side.RIGHT));
        }
        for (int i = first; i < past; i++) {
            cell(i, i == chosen);
        }
        if (past > first && !dense) {
            new BreathLine(g, scale, middle + half).paint(cells, first, past, pens.soft());
        }
    }

    /** Whether counts are too narrow to be told apart. */
    private boolean dense(int first, int past) {
        return past > first && (scale.right(past - 1) - scale.left(first)) / (past - first) < NARROW;
    }

    private void frame(int chosen, boolean focused) {
        double x = scale.left(chosen) + 1;
        double width = scale.right(chosen) - scale.left(chosen) - 2;
        g.setFill(pens.panel());
        g.fillRoundRect(x, 2, width, height - 4, 6, 6);
        g.setStroke(pens.accent());
        g.setLineWidth(focused ? 2.5 : 1.5);
        g.setLineDashes(recorded ? null : DASHES);
        g.strokeRoundRect(x, 2, width, height - 4, 6, 6);
        g.setLineDashes();
    }

    /** Where a frame would be narrower than its own lines. */
    private void needle(int chosen) {
        g.setFill(pens.accent());
        double top = scale.text() * 1.5;
        g.fillRect(Math.rint(scale.left(chosen)) - 1, top, 3, height - top - 2);
    }

    private void cell(int i, boolean chosen) {
        RibbonCell cell = cells.get(i);
        double x = scale.left(i);
        double width = scale.right(i) - x;
        boolean narrow = dense;
        if (!chosen && (width > scale.text() || (!cell.group().isEmpty() && !narrow))) {
            g.setStroke(pens.line());
            g.setLineWidth(1);
            g.strokeLine(x, scale.text() * 2.2, x, height - scale.text() * 0.4);
        }
        head(i, chosen);
        marks.findings(cell, x, width);
        if (narrow) {
            return;
        }
        marks.steps(cell, x, width);
        if (spelled) {
            words(cell, x, width, chosen);
        }
    }

    private void head(int i, boolean chosen) {
        RibbonCell cell = cells.get(i);
        double text = scale.text();
        double x = scale.left(i) + text * 0.5;
        double width = scale.right(i) - scale.left(i);
        if (!cell.group().isEmpty()) {
            if (spelled) {
                letters.over(i, x);
            } else {
                letters.instead(i, x, chosen, middle + half, height);
            }
        }
        if (!cell.part().isEmpty() && !spelled && x > partEnd) {
            partEnd = x + Wrapping.letters(cell.part()) * text * 0.52;
            letters.label(cell.part(), x, text * 0.85, pens.bold(0.9, cell.part()), pens.accent());
        }
        double y = form ? text * 1.85 : text * 1.3;
        if (width > text * 1.6) {
            letters.label(cell.label(), x, y, pens.bold(form ? 0.8 : 1.34, ""), chosen ? pens.accent() : pens.ink());
        }
        long turned = Math.round(Math.abs(cell.turned()));
        if (turned > 0 && width > text * 4.5) {
            String tick = (cell.turned() > 0 ? "↷ " : "↶ ") + turned + "°";
            letters.label(tick, x + text * 1.5, y, pens.font(0.85, ""), pens.soft());
        }
    }

    /** Whether a beat is wide enough for the words of its count; if not, names of postures stand in their place. */
    private boolean spelled(List<RibbonCell> cells) {
        double beat = (scale.right(0) - scale.left(0)) / cells.getFirst().beats();
        return beat > scale.text() * 4;
    }

    /** The chosen count is said larger, where that leaves no word out. */
    private void words(RibbonCell cell, double x, double width, boolean chosen) {
        double text = scale.text();
        double room = width - text;
        String[] large = Wrapping.lines(cell.words(), room / (text * LARGE * 0.5), 2);
        double size = chosen && large.length <= linesOf(LARGE) ? LARGE : 1;
        String[] lines = Wrapping.lines(cell.words(), room / (text * size * 0.5), linesOf(size));
        for (int i = 0; i < lines.length; i++) {
            letters.label(
                    lines[i],
                    x + text * 0.5,
                    wordsAt() + i * text * size * LEADING,
                    chosen ? pens.bold(size, lines[i]) : pens.font(size, lines[i]),
                    chosen ? pens.ink() : pens.soft());
        }
    }

    private double wordsAt() {
        return middle + half + scale.text() * 2.3;
    }

    /** {@return how many lines of words there is room for below the band} */
    private int linesOf(double size) {
        double room = height - scale.text() * 0.4 - wordsAt();
        return Math.clamp((long) Math.ceil(room / (scale.text() * size * LEADING)), 1, 2);
    }
}
