package app.avrel.desktop.ribbon;

import app.avrel.body.Side;
import app.avrel.posture.count.Breath;
import java.util.List;
import javafx.geometry.VPos;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Color;
import javafx.scene.text.Font;
import javafx.scene.text.TextAlignment;

/** Paints the ribbon's cells: rows from the top are numbers, load, breath, words, findings. */
final class RibbonPainter {

    /** Pixels below which a count is drawn as part of a band. */
    private static final double NARROW = 3;

    private static final double[] DASHES = {6, 5};

    /** A font at a multiple of plain text's size, fit for the script of the words. */
    interface FontOf {
        Font at(double times, String words);
    }

    private final GraphicsContext g;
    private final RibbonScale scale;
    private final Color ink;
    private final Color soft;
    private final Color line;
    private final Color caution;
    private final Color accent;
    private final Color panel;

    @SuppressWarnings("NullAway.Init") // told before painting
    private Color left;

    @SuppressWarnings("NullAway.Init") // told before painting
    private Color right;

    @SuppressWarnings("NullAway.Init") // told before painting
    private FontOf font;

    @SuppressWarnings("NullAway.Init") // told before painting
    private FontOf bold;

    private boolean recorded = true;
    private boolean form;
    private boolean spelled;
    private ShortNames names = new ShortNames(List.of());
    private boolean dense;
    private double partEnd = -1;
    private double middle;
    private double half;
    private double height;

    RibbonPainter(
            GraphicsContext g,
            RibbonScale scale,
            Color ink,
            Color soft,
            Color line,
            Color caution,
            Color accent,
            Color panel) {
        this.g = g;
        this.scale = scale;
        this.ink = ink;
        this.soft = soft;
        this.line = line;
        this.caution = caution;
        this.accent = accent;
        this.panel = panel;
    }

    /** {@return how high either half of the band can be, for a size of text} */
    static double half(double text) {
        return text * 2.1;
    }

    /** {@return where the halves of the band meet, from the top} */
    static double middle(double text) {
        return text * 2.4 + half(text);
    }

    RibbonPainter sides(Color leftColour, Color rightColour) {
        left = leftColour;
        right = rightColour;
        return this;
    }

    RibbonPainter recorded(boolean is) {
        recorded = is;
        return this;
    }

    RibbonPainter fonts(FontOf plain, FontOf heavy) {
        font = plain;
        bold = heavy;
        return this;
    }

    void paint(List<RibbonCell> cells, int chosen, double height, boolean focused) {
        double text = scale.text();
        this.height = height;
        half = half(text);
        middle = middle(text);
        form = cells.stream().anyMatch(cell -> !cell.group().isEmpty());
        spelled = spelled(cells);
        names = new ShortNames(cells.stream()
                .map(RibbonCell::group)
                .filter(name -> !name.isEmpty())
                .toList());
        int first = scale.firstSeen();
        int past = scale.pastSeen();
        dense = dense(first, past);
        boolean chooses = chosen >= 0 && chosen < cells.size();
        if (dense) {
            new DenseBand(g, scale, middle, half).paint(cells, first, past, left, right);
            if (chooses) {
                needle(chosen, height);
            }
        } else {
            if (chooses) {
                frame(chosen, height, focused);
            }
            new LoadBand(g, scale, middle, half).paint(cells, first, past, left, right);
        }
        for (int i = first; i < past; i++) {
            cell(cells, i, i == chosen, height);
        }
        breath(cells, first, past);
    }

    /** Whether counts are too narrow to be told apart. */
    private boolean dense(int first, int past) {
        return past > first && (scale.right(past - 1) - scale.left(first)) / (past - first) < NARROW;
    }

    private void label(String words, double x, double y, Font how, Color colour) {
        g.setFill(colour);
        g.setFont(how);
        g.setTextAlign(TextAlignment.LEFT);
        g.setTextBaseline(VPos.CENTER);
        g.fillText(words, x, y);
    }

    private void frame(int chosen, double height, boolean focused) {
        double x = scale.left(chosen) + 1;
        double width = scale.right(chosen) - scale.left(chosen) - 2;
        g.setFill(panel);
        g.fillRoundRect(x, 2, width, height - 4, 6, 6);
        g.setStroke(accent);
        g.setLineWidth(focused ? 2.5 : 1.5);
        g.setLineDashes(recorded ? null : DASHES);
        g.strokeRoundRect(x, 2, width, height - 4, 6, 6);
        g.setLineDashes();
    }

    /** Where a frame would be narrower than its own lines. */
    private void needle(int chosen, double height) {
        g.setFill(accent);
        double top = scale.text() * 1.5;
        g.fillRect(Math.rint(scale.left(chosen)) - 1, top, 3, height - top - 2);
    }

    private void cell(List<RibbonCell> cells, int i, boolean chosen, double height) {
        RibbonCell cell = cells.get(i);
        double x = scale.left(i);
        double width = scale.right(i) - x;
        boolean narrow = dense;
        if (!chosen && (width > scale.text() || (!cell.group().isEmpty() && !narrow))) {
            g.setStroke(line);
            g.setLineWidth(1);
            g.strokeLine(x, scale.text() * 2.2, x, height - scale.text() * 0.4);
        }
        head(cells, i, chosen);
        marks(cell, x, width);
        if (narrow) {
            return;
        }
        notches(cell, x, width);
        if (spelled) {
            words(cell, x, width, chosen, height);
        }
    }

    private void head(List<RibbonCell> cells, int i, boolean chosen) {
        RibbonCell cell = cells.get(i);
        double text = scale.text();
        double x = scale.left(i) + text * 0.5;
        double width = scale.right(i) - scale.left(i);
        if (!cell.group().isEmpty()) {
            group(cells, i, x, chosen);
        }
        if (!cell.part().isEmpty() && !spelled && x > partEnd) {
            partEnd = x + Wrapping.letters(cell.part()) * text * 0.52;
            label(cell.part(), x, text * 0.85, bold.at(0.9, cell.part()), accent);
        }
        double y = form ? text * 1.85 : text * 1.3;
        if (width > text * 1.6) {
            label(cell.label(), x, y, bold.at(form ? 0.8 : 1.34, ""), chosen ? accent : ink);
        }
        long turned = Math.round(Math.abs(cell.turned()));
        if (turned > 0 && width > text * 4.5) {
            String tick = (cell.turned() > 0 ? "↷ " : "↶ ") + turned + "°";
            label(tick, x + text * 1.5, y, font.at(0.85, ""), soft);
        }
    }

    /** A posture's name: over its first cell where the words of the counts stand below, else in their place. */
    private void group(List<RibbonCell> cells, int i, double x, boolean chosen) {
        double text = scale.text();
        double room = groupEnd(cells, i) - x - text * 0.4;
        if (spelled) {
            label(
                    shortened(cells.get(i).group(), room, 0.9),
                    x,
                    text * 0.85,
                    font.at(0.9, cells.get(i).group()),
                    soft);
            return;
        }
        double top = middle + half + text * 2.4;
        int most = (int) Math.max(1, (height - top) / (text * 1.2));
        if (room < text * 1.2) {
            return;
        }
        String[] lines = named(cells.get(i).group(), room / (text * 0.44), most);
        for (int l = 0; l < lines.length; l++) {
            Font how = chosen ? bold.at(0.88, lines[l]) : font.at(0.88, lines[l]);
            label(lines[l], x, top + l * text * 1.2, how, chosen ? accent : ink);
        }
    }

    /** The whole name where there is room for it, or else the word that only this posture has. */
    private String[] named(String name, double letters, int most) {
        String[] whole = Wrapping.brief(name, letters, most);
        if (String.join(" ", whole).length() >= name.length()) {
            return whole;
        }
        String word = names.of(name);
        return word.isEmpty() ? new String[0] : Wrapping.brief(word, letters, 1);
    }

    /** Whether a beat is wide enough for the words of its count; if not, names of postures stand in their place. */
    private boolean spelled(List<RibbonCell> cells) {
        double beat = (scale.right(0) - scale.left(0)) / cells.getFirst().beats();
        return beat > scale.text() * 4;
    }

    private double groupEnd(List<RibbonCell> cells, int i) {
        for (int next = i + 1; next < cells.size(); next++) {
            if (!cells.get(next).group().isEmpty()) {
                return scale.left(next);
            }
        }
        return scale.right(cells.size() - 1);
    }

    private String shortened(String words, double room, double size) {
        return Wrapping.lines(words, room / (scale.text() * size * 0.54), 1)[0];
    }

    /** A small tent where a foot leaves its place, on that foot's side. */
    private void notches(RibbonCell cell, double x, double width) {
        double size = Math.min(scale.text() * 0.5, width * 0.3);
        double at = x + width / 2;
        for (Side side : cell.moved()) {
            int down = side == Side.LEFT ? -1 : 1;
            double base = middle + down * (half + 3);
            g.setStroke(side == Side.LEFT ? left : right);
            g.setLineWidth(1.6);
            g.strokePolyline(new double[] {at - size, at, at + size}, new double[] {base, base + down * size, base}, 3);
        }
    }

    private void words(RibbonCell cell, double x, double width, boolean chosen, double height) {
        double text = scale.text();
        double room = width - text;
        double size = chosen ? 1.34 : 1;
        String[] lines = Wrapping.lines(cell.words(), room / (text * size * 0.5), 2);
        for (int i = 0; i < lines.length; i++) {
            double y = middle + half + text * 2.3 + i * text * size * 1.2;
            if (y < height - text * 0.4) {
                label(
                        lines[i],
                        x + text * 0.5,
                        y,
                        chosen ? bold.at(size, lines[i]) : font.at(size, lines[i]),
                        chosen ? ink : soft);
            }
        }
    }

    private void marks(RibbonCell cell, double x, double width) {
        double text = scale.text();
        if (cell.cautions() > 0) {
            g.setFill(caution);
            double at = width > text * 4 ? x + width - text : x + width / 2;
            g.fillOval(at - text * 0.3, text * 0.9, text * 0.6, text * 0.6);
        }
        if (cell.gap()) {
            g.setFill(caution);
            g.fillPolygon(
                    new double[] {x - text * 0.45, x + text * 0.45, x},
                    new double[] {text * 1.9, text * 1.9, text * 2.6},
                    3);
            g.setStroke(caution);
            g.setLineWidth(2);
            g.strokeLine(x, text * 2.6, x, middle + half);
        }
    }

    /** The breath line rises on the in-breath and falls on the out-breath. */
    private void breath(List<RibbonCell> cells, int first, int past) {
        if (past <= first || dense) {
            return;
        }
        double low = middle + half + scale.text() * 1.5;
        double high = middle + half + scale.text() * 0.7;
        g.setStroke(soft);
        g.setLineWidth(1.5);
        g.beginPath();
        double y = low;
        g.moveTo(scale.left(first), y);
        for (int i = first; i < past; i++) {
            Breath breath = cells.get(i).breath();
            double x = scale.left(i);
            double end = scale.right(i);
            double turns = breath.both() ? (x + end) / 2 : x;
            if (breath.both()) {
                y = breathe(x, y, turns, breath.begins() == Breath.IN ? high : low);
            }
            y = breathe(turns, y, end, height(breath, y, high, low));
        }
        g.stroke();
    }

    /** Where the line stands at the end of a count; a breath that goes on goes all the way. */
    private static double height(Breath breath, double now, double high, double low) {
        return switch (breath.ends()) {
            case IN -> high;
            case OUT -> low;
            default -> now;
        };
    }

    private double breathe(double x, double y, double end, double to) {
        double bend = (end - x) * 0.4;
        g.bezierCurveTo(x + bend, y, end - bend, to, end, to);
        return to;
    }
}
