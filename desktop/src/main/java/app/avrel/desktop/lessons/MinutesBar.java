package app.avrel.desktop.lessons;

import app.avrel.desktop.parts.Drawing;
import app.avrel.floor.Numbers;
import app.avrel.lesson.LessonPlan;
import app.avrel.lesson.SegmentPlan;
import java.util.function.IntConsumer;
import javafx.geometry.VPos;
import javafx.scene.AccessibleRole;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.input.MouseEvent;
import javafx.scene.text.TextAlignment;

/** A lesson along its minutes: each segment as long as it takes, the end of the lesson marked. */
final class MinutesBar extends Drawing {

    private LessonPlan plan;
    private int chosen = -1;
    private IntConsumer choose = _ -> {};

    MinutesBar() {
        super("minutes-bar");
        setAccessibleRole(AccessibleRole.IMAGE_VIEW);
        addEventHandler(MouseEvent.MOUSE_PRESSED, this::press);
    }

    void show(LessonPlan newPlan, int segment, IntConsumer chooser) {
        plan = newPlan;
        chosen = segment;
        choose = chooser;
        setAccessibleText(
                "The lesson takes " + Numbers.whole(plan.seconds() / 60) + " of " + plan.minutes() + " minutes");
        requestLayout();
    }

    private double pixelsPerSecond() {
        return (getWidth() - textSize()) / Math.max(plan.minutes() * 60.0, plan.seconds());
    }

    private void press(MouseEvent event) {
        double x = 0;
        for (int i = 0; i < plan.segments().size(); i++) {
            x += plan.segments().get(i).seconds() * pixelsPerSecond();
            if (event.getX() < x) {
                choose.accept(i);
                return;
            }
        }
    }

    @Override
    protected void draw(GraphicsContext g) {
        if (plan == null) {
            return;
        }
        double top = textSize() * 0.4;
        double height = textSize() * 2.6;
        double x = 0;
        for (int i = 0; i < plan.segments().size(); i++) {
            x += segment(g, plan.segments().get(i), i, x, top, height);
        }
        double end = plan.minutes() * 60 * pixelsPerSecond();
        boolean over = plan.minutesLeft() < 0;
        g.setStroke(over ? caution() : ink());
        g.setLineWidth(2);
        g.strokeLine(end, 0, end, top + height + textSize() * 0.4);
        g.setFill(over ? caution() : ink());
        g.setFont(bold(0.9, ""));
        g.setTextBaseline(VPos.TOP);
        g.setTextAlign(TextAlignment.RIGHT);
        g.fillText(plan.minutes() + " min", end, top + height + textSize() * 0.5);
    }

    private double segment(GraphicsContext g, SegmentPlan segment, int index, double x, double top, double height) {
        double width = segment.seconds() * pixelsPerSecond();
        boolean lit = index == chosen;
        g.setFill(lit ? accent().deriveColor(0, 1, 1, 0.22) : panel());
        g.fillRect(x + 1, top, Math.max(1, width - 2), height);
        g.setFill(accent().deriveColor(0, 1, 1, lit ? 0.9 : 0.45));
        double speaking = segment.speaking() * pixelsPerSecond();
        g.fillRect(x + 1, top, Math.max(0, Math.min(speaking, width - 2)), textSize() * 0.4);
        if (lit) {
            g.setStroke(accent());
            g.setLineWidth(2);
            g.strokeRect(x + 1, top, Math.max(1, width - 2), height);
        }
        String minutes = Numbers.plain(Math.round(segment.seconds() / 6) / 10.0);
        if (width > textSize() * minutes.length() * 0.7) {
            g.setFill(ink());
            g.setFont(bold(1, minutes));
            g.setTextAlign(TextAlignment.CENTER);
            g.setTextBaseline(VPos.CENTER);
            g.fillText(minutes, x + width / 2, top + height / 2 + textSize() * 0.2);
        }
        return width;
    }

    @Override
    protected double computePrefHeight(double width) {
        return textSize() * 4.8;
    }

    @Override
    protected double computeMinHeight(double width) {
        return computePrefHeight(width);
    }
}
