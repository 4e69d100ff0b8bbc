package app.avrel.desktop.parts;

import app.avrel.desktop.words.Words;
import javafx.geometry.Orientation;
import javafx.scene.layout.Region;

/** Two views side by side with a divider between them, each as high as there is room. */
public final class SideBySide extends Region {

    private static final double LEAST = 0.2;

    private final Region left;
    private final Region right;
    private final Divider divider;

    /**
     * Two views.
     *
     * @param id of the divider, under which its place is remembered
     * @param share of the width that the left one has at first
     */
    public SideBySide(String id, Region left, Region right, double share) {
        this.left = left;
        this.right = right;
        divider = new Divider(id, Orientation.VERTICAL, share, LEAST, 1 - LEAST, x -> x / Math.max(1, getWidth()));
        divider.setAccessibleText(Words.of("parts.divider"));
        divider.placeProperty().addListener(_ -> requestLayout());
        getChildren().addAll(left, right, divider);
    }

    @Override
    protected void layoutChildren() {
        double half = Divider.WIDTH / 2;
        double at = Math.rint(getWidth() * divider.place());
        left.resizeRelocate(0, 0, at - half, getHeight());
        right.resizeRelocate(at + half, 0, getWidth() - at - half, getHeight());
        divider.resizeRelocate(at - half, 0, Divider.WIDTH, getHeight());
    }

    @Override
    protected double computePrefHeight(double width) {
        return Math.max(left.prefHeight(-1), right.prefHeight(-1));
    }

    @Override
    protected double computeMinHeight(double width) {
        return 80;
    }
}
