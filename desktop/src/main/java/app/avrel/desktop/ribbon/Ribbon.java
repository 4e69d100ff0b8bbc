package app.avrel.desktop.ribbon;

import app.avrel.desktop.parts.Drawing;
import java.util.List;
import java.util.function.IntConsumer;
import javafx.scene.AccessibleRole;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.input.ScrollEvent;
import javafx.scene.layout.Region;

/**
 * The ribbon as a control: it shows cells, and one of them chosen.
 *
 * <p>Left and right arrows choose; Home and End go to the ends; plus and minus, or the wheel with Ctrl, zoom.
 */
public final class Ribbon extends Drawing {

    private List<RibbonCell> cells = List.of();
    private int chosen = -1;
    private String empty = "";
    private IntConsumer choose = _ -> {};
    private double zoom = 1;
    private double scrolled;
    private final Region head = new Region();
    private double playhead = -1;

    public Ribbon() {
        super("ribbon");
        setAccessibleRole(AccessibleRole.SLIDER);
        head.getStyleClass().add("playhead");
        head.setManaged(false);
        head.setVisible(false);
        head.setMouseTransparent(true);
        getChildren().add(head);
        addEventHandler(KeyEvent.KEY_PRESSED, this::key);
        addEventHandler(MouseEvent.MOUSE_PRESSED, this::press);
        addEventHandler(ScrollEvent.SCROLL, this::scroll);
    }

    /**
     * Shows cells.
     *
     * @param index which is chosen, from 0; -1 for none
     * @param whenEmpty what to say where there are no cells
     * @param chooser is told what the user chooses
     */
    public void show(List<RibbonCell> newCells, int index, String whenEmpty, IntConsumer chooser) {
        cells = newCells;
        chosen = index;
        empty = whenEmpty;
        choose = chooser;
        setAccessibleText(
                index >= 0 && index < cells.size()
                        ? "Ribbon, count " + cells.get(index).label() + ": "
                                + cells.get(index).words()
                        : "Ribbon");
        reveal();
        requestLayout();
    }

    public List<RibbonCell> cells() {
        return cells;
    }

    /** Shows where playing is: the cell and the share of it that is over; below 0 for nowhere. */
    public void playhead(double cell) {
        playhead = cell;
        boolean on = cell >= 0 && (int) cell < cells.size() && getWidth() > 0;
        double wanted = on ? scale().scrollToShow((int) cell) : scrolled;
        if (wanted == scrolled) {
            placePlayhead();
        } else {
            scrolled = wanted;
            refresh();
        }
    }

    /** The playhead is a line of its own over the drawing, so that the cells need not be drawn for each frame. */
    private void placePlayhead() {
        boolean on = playhead >= 0 && (int) playhead < cells.size();
        head.setVisible(on);
        if (on) {
            int cell = (int) playhead;
            RibbonScale scale = scale();
            double x = scale.left(cell) + (scale.right(cell) - scale.left(cell)) * (playhead - cell);
            head.resizeRelocate(x - 1, 0, 3, getHeight());
        }
    }

    private RibbonScale scale() {
        return RibbonScale.of(cells, getWidth(), textSize(), zoom, scrolled);
    }

    private void reveal() {
        if (chosen >= 0 && chosen < cells.size() && getWidth() > 0) {
            scrolled = scale().scrollToShow(chosen);
        }
    }

    private void key(KeyEvent event) {
        if (event.isAltDown() || event.isControlDown() || event.isShiftDown()) {
            return;
        }
        switch (event.getCode()) {
            case LEFT -> choose(chosen - 1);
            case RIGHT -> choose(chosen + 1);
            case HOME -> choose(0);
            case END -> choose(cells.size() - 1);
            case PLUS, ADD, EQUALS -> zoom(1.25);
            case MINUS, SUBTRACT -> zoom(0.8);
            default -> {
                return;
            }
        }
        event.consume();
    }

    private void choose(int index) {
        if (index >= -1 && index < cells.size()) {
            choose.accept(index);
        }
    }

    private void press(MouseEvent event) {
        scale().cellAt(event.getX()).ifPresent(choose::accept);
    }

    private void scroll(ScrollEvent event) {
        if (event.isControlDown()) {
            zoom(event.getDeltaY() > 0 ? 1.1 : 0.9);
        } else {
            double by = event.getDeltaX() == 0 ? event.getDeltaY() : event.getDeltaX();
            scrolled = scale().clamp(scrolled - by);
            requestLayout();
        }
        event.consume();
    }

    private void zoom(double times) {
        zoom = Math.clamp(zoom * times, 0.1, 8);
        reveal();
        scrolled = scale().clamp(scrolled);
        requestLayout();
    }

    @Override
    protected void draw(GraphicsContext g) {
        if (cells.isEmpty()) {
            g.setFill(soft());
            g.setFont(font(1.15, empty));
            g.fillText(empty, textSize() * 1.4, getHeight() / 2);
            return;
        }
        scrolled = scale().clamp(scrolled);
        new RibbonPainter(g, scale(), ink(), soft(), line(), caution(), accent(), panel())
                .sides(side(app.avrel.body.Side.LEFT), side(app.avrel.body.Side.RIGHT))
                .fonts(this::font, this::bold)
                .paint(cells, chosen, getHeight(), isFocused());
        placePlayhead();
    }

    @Override
    protected double computePrefHeight(double width) {
        return textSize() * 11.6;
    }

    @Override
    protected double computeMinHeight(double width) {
        return computePrefHeight(width);
    }

    @Override
    protected double computePrefWidth(double height) {
        return 600;
    }
}
