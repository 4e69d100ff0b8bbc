package app.avrel.desktop.fitter;

import app.avrel.desktop.parts.Drawing;
import app.avrel.desktop.words.Words;
import app.avrel.floor.Numbers;
import app.avrel.mechanics.StanceFit;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.geometry.VPos;
import javafx.scene.AccessibleRole;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.paint.Color;
import javafx.scene.text.TextAlignment;

/**
 * Lengths upward and widths to the right, a square each: filled where the stance suits the body, else with a letter for
 * what stands against it. Squares are chosen with the mouse or the arrows.
 */
final class FitView extends Drawing {

    private List<StanceFit.Cell> cells = List.of();
    private Optional<StanceFit.Cell> chosen = Optional.empty();
    private Optional<StanceFit.Cell> best = Optional.empty();
    private Consumer<StanceFit.Cell> choose = _ -> {};
    private double lengthUnit = 1;
    private double widthUnit = 1;

    FitView() {
        super("fit");
        setAccessibleRole(AccessibleRole.IMAGE_VIEW);
        setFocusTraversable(true);
        addEventHandler(
                MouseEvent.MOUSE_PRESSED,
                event -> at(event.getX(), event.getY()).ifPresent(choose));
        addEventHandler(
                MouseEvent.MOUSE_DRAGGED,
                event -> at(event.getX(), event.getY()).ifPresent(choose));
        addEventHandler(KeyEvent.KEY_PRESSED, this::arrows);
    }

    void show(
            StanceFit fit,
            List<StanceFit.Cell> all,
            Optional<StanceFit.Cell> picked,
            Consumer<StanceFit.Cell> newChoose) {
        cells = all;
        chosen = picked;
        choose = newChoose;
        best = fit.best(all);
        lengthUnit = 0.1 * fit.body().footLength();
        widthUnit = 0.1 * fit.body().shoulderWidth();
        setAccessibleText(Words.of(
                "fitter.lengths_widths_suit",
                all.stream().filter(StanceFit.Cell::fits).count(),
                all.size()));
        refresh();
    }

    private int column(StanceFit.Cell cell) {
        return (int) Math.round(cell.width() / widthUnit);
    }

    private int row(StanceFit.Cell cell) {
        return (int) Math.round(cell.length() / lengthUnit);
    }

    private int columns() {
        return cells.stream().mapToInt(this::column).max().orElse(1) + 1;
    }

    private int rows() {
        return cells.stream().mapToInt(this::row).max().orElse(1) + 1;
    }

    private double edge() {
        return textSize() * 3.4;
    }

    private double wide() {
        return (getWidth() - edge() - textSize()) / columns();
    }

    private double high() {
        return (getHeight() - 2.6 * textSize()) / rows();
    }

    private double x(int column) {
        return edge() + column * wide();
    }

    private double y(int row) {
        return getHeight() - 2.4 * textSize() - (row + 1) * high();
    }

    private Optional<StanceFit.Cell> at(double x, double y) {
        return cells.stream()
                .filter(cell -> x >= x(column(cell))
                        && x < x(column(cell)) + wide()
                        && y >= y(row(cell))
                        && y < y(row(cell)) + high())
                .findFirst();
    }

    private void arrows(KeyEvent event) {
        int across = switch (event.getCode()) {
            case LEFT -> -1;
            case RIGHT -> 1;
            default -> 0;
        };
        int along = switch (event.getCode()) {
            case UP -> 1;
            case DOWN -> -1;
            default -> 0;
        };
        if (across != 0 || along != 0) {
            event.consume();
            chosen.flatMap(now -> cells.stream()
                            .filter(cell -> column(cell) == column(now) + across && row(cell) == row(now) + along)
                            .findFirst())
                    .ifPresent(choose);
        }
    }

    @Override
    protected void draw(GraphicsContext g) {
        g.setTextAlign(TextAlignment.CENTER);
        g.setTextBaseline(VPos.CENTER);
        for (StanceFit.Cell cell : cells) {
            cell(g, cell);
        }
        best.ifPresent(cell -> ring(g, cell, ink(), 2.5));
        chosen.ifPresent(cell -> ring(g, cell, accent(), 4));
        labels(g);
    }

    private void cell(GraphicsContext g, StanceFit.Cell cell) {
        double x = x(column(cell));
        double y = y(row(cell));
        g.setFill(colour(cell));
        g.fillRect(x + 0.5, y + 0.5, wide() - 1, high() - 1);
        if (!letter(cell.against()).isEmpty() && high() > 9) {
            g.setFill(soft());
            g.setFont(font(Math.min(0.8, high() / textSize() * 0.8), "R"));
            g.fillText(letter(cell.against()), x + wide() / 2, y + high() / 2);
        }
    }

    private Color colour(StanceFit.Cell cell) {
        return switch (cell.against()) {
            case NOTHING -> accent().deriveColor(0, 1, 1, Math.clamp(0.25 + cell.push() * 4, 0.3, 0.9));
            case STEP -> line();
            case BOUNDS, REACH, KNEE, EDGE -> panel();
        };
    }

    /** {@return the letter that stands for what is against a stance} */
    static String letter(StanceFit.Against against) {
        return switch (against) {
            case NOTHING, BOUNDS -> "";
            case REACH -> "r";
            case KNEE -> "k";
            case EDGE -> "e";
            case STEP -> "s";
        };
    }

    private void ring(GraphicsContext g, StanceFit.Cell cell, Color color, double width) {
        g.setStroke(color);
        g.setLineWidth(width);
        g.strokeRect(x(column(cell)), y(row(cell)), wide(), high());
    }

    private void labels(GraphicsContext g) {
        g.setFill(ink());
        g.setFont(font(0.9, "cm"));
        g.setTextAlign(TextAlignment.RIGHT);
        for (int row = 5; row < rows(); row += 5) {
            g.fillText(Words.of("common.cm", Numbers.whole(row * lengthUnit * 100)), edge() - 5, y(row) + high() / 2);
        }
        g.setTextAlign(TextAlignment.CENTER);
        for (int column = 0; column < columns(); column += 5) {
            String last = column + 5 < columns() ? "" : Words.of("fitter.cm_wide");
            g.fillText(
                    Numbers.whole(column * widthUnit * 100) + last,
                    x(column) + wide() / 2,
                    getHeight() - 1.3 * textSize());
        }
    }
}
