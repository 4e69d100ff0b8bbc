package app.avrel.desktop.ribbon;

import app.avrel.desktop.parts.Buttons;
import app.avrel.desktop.parts.Drawing;
import app.avrel.desktop.parts.Tips;
import app.avrel.desktop.words.Words;
import java.util.List;
import java.util.function.IntConsumer;
import javafx.animation.Animation;
import javafx.animation.PauseTransition;
import javafx.scene.AccessibleRole;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.control.Tooltip;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.input.ScrollEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.shape.Rectangle;
import javafx.util.Duration;

/**
 * The ribbon as a control: it shows cells, and one of them chosen.
 *
 * <p>Left and right arrows choose; Home and End go to the ends; plus and minus, or the wheel with Ctrl, zoom.
 */
public final class Ribbon extends Drawing {

    /** While one zooms on, what is drawn is stretched; it is drawn anew when that has ended for so long. */
    private static final double SETTLES_MILLIS = 250;

    private List<RibbonCell> cells = List.of();
    private RibbonScale.Beats beats = RibbonScale.Beats.of(List.of());
    private int chosen = -1;
    private String empty = "";
    private IntConsumer choose = _ -> {};
    private double zoom = 1;
    private double scrolled;
    private final Region head = new Region();
    private final RibbonLegend legend = new RibbonLegend();
    private final Tooltip named = Tips.saying("");
    private final HBox nearness = new HBox(
            Buttons.pill("−", Words.of("ribbon.show_more_ribbon"), () -> zoom(0.8)),
            Buttons.pill("+", Words.of("ribbon.look_nearer_or"), () -> zoom(1.25)));
    private double playhead = -1;
    private double drawnAt;
    private double drawnZoom = 1;
    private final PauseTransition settling = new PauseTransition(Duration.millis(SETTLES_MILLIS));
    private double beyond;
    private boolean scrolling;
    private boolean recorded = true;

    public Ribbon() {
        super("ribbon");
        settling.setOnFinished(_ -> refresh());
        setAccessibleRole(AccessibleRole.SLIDER);
        head.getStyleClass().add("playhead");
        head.setManaged(false);
        head.setVisible(false);
        head.setMouseTransparent(true);
        legend.setManaged(false);
        nearness.setManaged(false);
        nearness.getStyleClass().add("ribbon-zoom");
        getChildren().addAll(head, legend, nearness);
        addEventHandler(MouseEvent.MOUSE_MOVED, event -> point(event.getX()));
        Tooltip.install(this, named);
        Rectangle sight = new Rectangle();
        sight.widthProperty().bind(widthProperty());
        sight.heightProperty().bind(heightProperty());
        setClip(sight);
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
        beats = RibbonScale.Beats.of(newCells);
        chosen = index;
        empty = whenEmpty;
        choose = chooser;
        setAccessibleText(
                index >= 0 && index < cells.size()
                        ? Words.of(
                                "ribbon.ribbon_count",
                                cells.get(index).label(),
                                cells.get(index).words())
                        : Words.of("ribbon.ribbon"));
        reveal();
        refresh();
    }

    /** Whether what is chosen is in the record, or only typed: it is then framed in dashes. */
    public void recorded(boolean is) {
        recorded = is;
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
        return RibbonScale.of(beats, getWidth(), textSize(), zoom, scrolled);
    }

    /** {@return where a share of a cell, 0 to 1, is drawn, in pixels from the left} */
    public double at(int cell, double share) {
        RibbonScale scale = scale();
        return scale.left(cell) + (scale.right(cell) - scale.left(cell)) * share;
    }

    private void reveal() {
        if (chosen >= 0 && chosen < cells.size() && getWidth() > 0) {
            scrolled = scale().scrollToShow(chosen);
        }
    }

    private void key(KeyEvent event) {
        if (event.isAltDown() || event.isShortcutDown() || event.isShiftDown()) {
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
        scale().cellAt(event.getX()).ifPresent(choose);
    }

    /** Says whole what the pointer is over: the posture, the count and its words. */
    private void point(double x) {
        scale().cellAt(x).ifPresentOrElse(at -> named.setText(whole(at)), () -> named.setText(nearer()));
    }

    private String whole(int at) {
        RibbonCell cell = cells.get(at);
        int named = at;
        while (named > 0 && cells.get(named).group().isEmpty()) {
            named--;
        }
        String group = cells.get(named).group();
        return (group.isEmpty() ? "" : group + " · ") + cell.label() + " · " + cell.words();
    }

    private void scroll(ScrollEvent event) {
        if (event.isShortcutDown()) {
            zoom(event.getDeltaY() > 0 ? 1.1 : 0.9);
        } else {
            double by = event.getDeltaX() == 0 ? event.getDeltaY() : event.getDeltaX();
            scrollTo(scale().clamp(scrolled - by));
        }
        event.consume();
    }

    /** What is drawn beyond the edges is pushed into sight; only where that ends is it drawn anew. */
    private void scrollTo(double wanted) {
        scrolled = wanted;
        if (Math.abs(scrolled - drawnAt) <= beyond) {
            push(drawnAt - scrolled);
            placePlayhead();
        } else {
            beyond = getWidth();
            scrolling = true;
            refresh();
        }
    }

    private void zoom(double times) {
        zoom = RibbonScale.zoomed(beats, getWidth(), textSize(), zoom * times);
        reveal();
        scrolled = scale().clamp(scrolled);
        boolean going = settling.getStatus() == Animation.Status.RUNNING;
        settling.playFromStart();
        if (going) {
            double by = zoom / drawnZoom;
            stretch(by, scale().margin(), drawnAt * by - scrolled);
            placePlayhead();
        } else {
            refresh();
        }
    }

    @Override
    protected void draw(GraphicsContext g) {
        legend.setVisible(!cells.isEmpty());
        nearness.setVisible(false);
        if (cells.isEmpty()) {
            beyond(0);
            g.setFill(soft());
            g.setFont(font(1.15, empty));
            g.fillText(empty, textSize() * 1.4, getHeight() / 2);
            return;
        }
        scrolled = scale().clamp(scrolled);
        beyond = scrolling ? getWidth() : 0;
        scrolling = false;
        drawnAt = scrolled;
        drawnZoom = zoom;
        beyond(beyond);
        new RibbonPainter(g, scale().widened(beyond), pens(), cells, getHeight(), recorded).paint(chosen, isFocused());
        legend.resizeRelocate(0, 1, scale().margin() - 1, getHeight() - 1);
        nearness.autosize();
        nearness.relocate(getWidth() - nearness.getWidth() - 4, 2);
        nearness.setVisible(beats.form());
        placePlayhead();
    }

    @Override
    protected double computePrefHeight(double width) {
        return textSize() * 11.6;
    }

    /** Where there is little height, the band is lower. */
    @Override
    protected double computeMinHeight(double width) {
        return textSize() * 7.4;
    }

    @Override
    protected double computePrefWidth(double height) {
        return 600;
    }

    private static String nearer() {
        return Words.of("ribbon.or_wheel_ctrl");
    }
}
