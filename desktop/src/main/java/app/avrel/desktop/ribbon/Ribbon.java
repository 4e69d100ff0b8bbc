package app.avrel.desktop.ribbon;

import app.avrel.desktop.parts.Drawing;
import app.avrel.desktop.parts.Sight;
import app.avrel.desktop.words.Words;
import java.util.List;
import java.util.function.IntConsumer;
import javafx.animation.Animation;
import javafx.animation.PauseTransition;
import javafx.scene.AccessibleRole;
import javafx.scene.canvas.GraphicsContext;
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
    private final Playhead head = new Playhead();
    private final RibbonLegend legend = new RibbonLegend();
    private final RibbonZoom nearness = new RibbonZoom(this);
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
        legend.setManaged(false);
        getChildren().addAll(head, legend, nearness);
        Sight.within(this);
        RibbonHands.give(this);
    }

    /**
     * Shows cells.
     *
     * @param index which is chosen, from 0; -1 for none
     * @param whenEmpty what to say where there are no cells
     * @param chooser is told what the user chooses
     */
    public void show(List<RibbonCell> newCells, int index, String whenEmpty, IntConsumer chooser) {
        if (cells.isEmpty() != newCells.isEmpty()) {
            requestLayout();
        }
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
        head.at(cell);
        boolean on = cell >= 0 && (int) cell < cells.size() && getWidth() > 0;
        double wanted = on ? scale().scrollToShow((int) cell) : scrolled;
        if (wanted == scrolled) {
            head.place(scale(), cells.size(), getHeight());
        } else {
            scrolled = wanted;
            refresh();
        }
    }

    RibbonScale scale() {
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

    /** Chooses a cell; one beyond the ends is none. */
    void choose(int index) {
        if (index >= -1 && index < cells.size()) {
            choose.accept(index);
        }
    }

    /** Pushes the cells to the left or the right. */
    void scrollBy(double pixels) {
        scrollTo(scale().clamp(scrolled - pixels));
    }

    int chosen() {
        return chosen;
    }

    /** What is drawn beyond the edges is pushed into sight; only where that ends is it drawn anew. */
    private void scrollTo(double wanted) {
        scrolled = wanted;
        if (Math.abs(scrolled - drawnAt) <= beyond) {
            push(drawnAt - scrolled);
            head.place(scale(), cells.size(), getHeight());
        } else {
            beyond = getWidth();
            scrolling = true;
            refresh();
        }
    }

    /** Looks nearer, or at more. */
    void zoom(double times) {
        zoom = RibbonScale.zoomed(beats, getWidth(), textSize(), zoom * times);
        reveal();
        scrolled = scale().clamp(scrolled);
        boolean going = settling.getStatus() == Animation.Status.RUNNING;
        settling.playFromStart();
        if (going) {
            double by = zoom / drawnZoom;
            stretch(by, scale().margin(), drawnAt * by - scrolled);
            head.place(scale(), cells.size(), getHeight());
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
        nearness.place(getWidth(), beats.form());
        head.place(scale(), cells.size(), getHeight());
    }

    @Override
    protected double computePrefHeight(double width) {
        return textSize() * 11.6;
    }

    /** Where there is little height, the band is lower; where there is none, only its words stand. */
    @Override
    protected double computeMinHeight(double width) {
        return textSize() * (cells.isEmpty() ? 3 : 7.4);
    }

    @Override
    protected double computePrefWidth(double height) {
        return 600;
    }
}
