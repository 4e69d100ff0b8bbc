package app.avrel.desktop.ribbon;

import app.avrel.body.Side;
import app.avrel.desktop.parts.Drawing;
import app.avrel.desktop.words.Words;
import java.util.List;
import java.util.Optional;
import javafx.geometry.VPos;
import javafx.scene.AccessibleRole;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Color;
import javafx.scene.text.TextAlignment;

/** Two ribbons, one over the other, count beside count; where they differ the column is lit, and a count alone faces a gap. */
public final class PairedRibbon extends Drawing {

    /** Below so many letters' heights a cell is too narrow for a name, which then reaches into the next. */
    private static final double NARROW = 3;

    /** How wide a bold letter is, in its height. */
    private static final double BOLD_LETTER = 0.6;

    private static final int STEPS = 10;

    /**
     * What stands in a column.
     *
     * @param lit whether the two differ
     */
    public record Column(Optional<RibbonCell> first, Optional<RibbonCell> second, boolean lit) {

        double beats() {
            return Math.max(
                    first.map(RibbonCell::beats).orElse(0.0),
                    second.map(RibbonCell::beats).orElse(0.0));
        }
    }

    private List<Column> columns = List.of();

    public PairedRibbon() {
        super("paired-ribbon");
        setAccessibleRole(AccessibleRole.IMAGE_VIEW);
    }

    /** Shows columns. */
    public void show(List<Column> newColumns) {
        columns = List.copyOf(newColumns);
        setAccessibleText(Words.of(
                "ribbon.two_ribbons_counts",
                columns.stream().filter(Column::lit).count(),
                columns.size()));
        requestLayout();
    }

    @Override
    protected void draw(GraphicsContext g) {
        double text = textSize();
        double margin = text * 2;
        double beats = columns.stream().mapToDouble(Column::beats).sum();
        double beat = (getWidth() - margin - text) / Math.max(1, beats);
        double x = margin;
        double row = getHeight() / 2;
        for (Column column : columns) {
            double width = column.beats() * beat;
            if (column.lit()) {
                g.setFill(accent().deriveColor(0, 1, 1, 0.16));
                g.fillRect(x, 0, width, getHeight());
            }
            cell(g, column.first(), x, width, 0, row);
            cell(g, column.second(), x, width, row, row);
            g.setStroke(line());
            g.setLineWidth(1);
            g.strokeLine(x, 0, x, getHeight());
            x += width;
        }
        legend(g, row);
        g.setStroke(soft());
        g.strokeLine(0, row, getWidth(), row);
    }

    private void legend(GraphicsContext g, double row) {
        for (int i = 0; i < 2; i++) {
            label(g, Words.of("common.left_letter"), textSize() * 0.5, i * row + row * 0.42, side(Side.LEFT));
            label(g, Words.of("common.right_letter"), textSize() * 0.5, i * row + row * 0.68, side(Side.RIGHT));
        }
    }

    private void label(GraphicsContext g, String words, double x, double y, Color colour) {
        g.setFont(bold(0.9, words));
        g.setFill(colour);
        g.setTextAlign(TextAlignment.LEFT);
        g.setTextBaseline(VPos.CENTER);
        g.fillText(words, x, y);
    }

    private void cell(GraphicsContext g, Optional<RibbonCell> cell, double x, double width, double top, double row) {
        if (cell.isEmpty()) {
            nothing(g, x, width, top + row * 0.55);
            return;
        }
        double middle = top + row * 0.55;
        double half = row * 0.26;
        for (RibbonCell.Stage stage : cell.get().stages()) {
            double begins = x + width * stage.begins();
            double span = width * (stage.ends() - stage.begins());
            load(g, stage, begins, span, middle, -half, Side.LEFT);
            load(g, stage, begins, span, middle, half, Side.RIGHT);
        }
        words(g, cell.get(), x, width, top, row);
    }

    /** Where one of the two has no count. */
    private void nothing(GraphicsContext g, double x, double width, double y) {
        g.setStroke(soft());
        g.setLineWidth(1);
        g.setLineDashes(3, 4);
        g.strokeLine(x + 3, y, x + width - 3, y);
        g.setLineDashes();
    }

    private void words(GraphicsContext g, RibbonCell cell, double x, double width, double top, double row) {
        String name = cell.group();
        double size = textSize();
        if (!name.isEmpty()) {
            double room = width > size * NARROW ? width : size * 5;
            String[] fitting = Wrapping.lines(name, room / (size * BOLD_LETTER), 1);
            label(g, fitting[0], x + 3, top + size * 0.8, ink());
        } else if (width > size * 1.4) {
            label(g, cell.label(), x + 3, top + size * 0.8, soft());
        }
        if (width > size * 6) {
            String[] words = Wrapping.lines(cell.words(), width / (size * 0.48), 1);
            label(g, words[0], x + 3, top + row - size * 0.7, soft());
        }
    }

    private void load(
            GraphicsContext g, RibbonCell.Stage stage, double x, double span, double middle, double half, Side side) {
        double[] xs = new double[STEPS + 3];
        double[] ys = new double[STEPS + 3];
        for (int i = 0; i <= STEPS; i++) {
            double t = i / (double) STEPS;
            double eased = t * t * (3 - 2 * t);
            double left = (stage.from() + (stage.to() - stage.from()) * eased) / 100;
            xs[i] = x + span * t + (i == STEPS ? 0.6 : 0);
            ys[i] = middle + half * (side == Side.LEFT ? left : 1 - left);
        }
        xs[STEPS + 1] = x + span + 0.6;
        ys[STEPS + 1] = middle;
        xs[STEPS + 2] = x;
        ys[STEPS + 2] = middle;
        g.setFill(stage.known() ? side(side) : side(side).deriveColor(0, 1, 1, 0.4));
        g.fillPolygon(xs, ys, xs.length);
    }

    @Override
    protected double computePrefHeight(double width) {
        return textSize() * 14;
    }

    @Override
    protected double computePrefWidth(double height) {
        return 900;
    }
}
