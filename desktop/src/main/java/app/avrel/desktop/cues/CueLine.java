package app.avrel.desktop.cues;

import javafx.geometry.Orientation;
import javafx.scene.control.Label;
import javafx.scene.layout.Region;

/** Time, count, words and room of a cue on one line; the words wrap between the others. */
final class CueLine extends Region {

    private static final double GAP = 10;
    private static final double TIME_EMS = 2.4;
    private static final double COUNT_EMS = 1.5;

    private final Label time;
    private final Label count;
    private final Label words;
    private final Label room;

    CueLine(Label time, Label count, Label words, Label room) {
        this.time = time;
        this.count = count;
        this.words = words;
        this.room = room;
        getChildren().addAll(time, count, words, room);
    }

    private double before() {
        return timeEnds() + GAP + COUNT_EMS * em() + GAP;
    }

    private double em() {
        return time.getFont().getSize();
    }

    private double timeEnds() {
        return Math.max(TIME_EMS * em(), time.prefWidth(-1));
    }

    private double forWords(double width) {
        return Math.max(40, width - before() - room.prefWidth(-1) - GAP);
    }

    @Override
    public Orientation getContentBias() {
        return Orientation.HORIZONTAL;
    }

    @Override
    protected double computePrefHeight(double width) {
        return words.prefHeight(forWords(width < 0 ? getWidth() : width));
    }

    @Override
    protected void layoutChildren() {
        double width = forWords(getWidth());
        words.resizeRelocate(before(), 0, width, words.prefHeight(width));
        double base = words.getBaselineOffset();
        place(time, timeEnds() - time.prefWidth(-1), base);
        place(count, before() - GAP - count.prefWidth(-1), base);
        place(room, getWidth() - room.prefWidth(-1), base);
    }

    private static void place(Label label, double x, double base) {
        label.resize(label.prefWidth(-1), label.prefHeight(-1));
        label.relocate(x, base - label.getBaselineOffset());
    }
}
