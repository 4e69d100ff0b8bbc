package app.avrel.desktop.lessons;

import javafx.css.PseudoClass;
import javafx.scene.layout.Region;

/** How full a lesson is: a bar as long as it takes, a tick where its minutes end. */
final class LoadBar extends Region {

    private static final PseudoClass OVER = PseudoClass.getPseudoClass("over");
    private static final double SPACE = 1.25;

    private final Region load = new Region();
    private final Region tick = new Region();
    private double share;

    LoadBar() {
        getStyleClass().add("load-bar");
        load.getStyleClass().add("load");
        tick.getStyleClass().add("tick");
        getChildren().addAll(load, tick);
    }

    /** @param newShare of the lesson's minutes; above 1 it is too long */
    void show(double newShare) {
        share = newShare;
        load.pseudoClassStateChanged(OVER, share > 1.0005);
        requestLayout();
    }

    @Override
    protected void layoutChildren() {
        double whole = getWidth() / SPACE;
        double height = getHeight();
        load.resizeRelocate(0, height * 0.25, Math.min(getWidth(), whole * share), height * 0.5);
        tick.resizeRelocate(whole - 1, 0, 2, height);
    }

    @Override
    protected double computePrefHeight(double width) {
        return 9;
    }
}
