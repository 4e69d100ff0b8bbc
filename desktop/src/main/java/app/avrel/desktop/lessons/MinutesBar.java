package app.avrel.desktop.lessons;

import app.avrel.desktop.parts.Drawing;
import app.avrel.desktop.words.Words;
import app.avrel.floor.Numbers;
import app.avrel.lesson.LessonPlan;
import app.avrel.lesson.Segment;
import app.avrel.lesson.SegmentKind;
import app.avrel.lesson.SegmentPlan;
import app.avrel.words.say.Layer;
import app.avrel.words.say.LessonWords;
import java.util.Locale;
import javafx.geometry.VPos;
import javafx.scene.AccessibleRole;
import javafx.scene.Cursor;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.input.MouseEvent;
import javafx.scene.paint.Color;
import javafx.scene.text.Font;
import javafx.scene.text.TextAlignment;

/**
 * A lesson along its minutes: each segment as long as it takes, the end of the lesson marked. A segment is dragged to
 * another place, its end to another length.
 */
final class MinutesBar extends Drawing {

    /** What is done on the bar. */
    interface Taker {
        void choose(int segment);

        void move(int from, int to);

        /** @param share of the length it had */
        void stretch(int segment, double share);
    }

    private static final double FAR = 8;

    @SuppressWarnings("NullAway.Init") // told by the first show
    private LessonPlan plan;

    private int chosen = -1;

    @SuppressWarnings("NullAway.Init") // told by the first show
    private Taker taker;

    private int held = -1;
    private boolean stretching;
    private double from;
    private double at;

    MinutesBar() {
        super("minutes-bar");
        setAccessibleRole(AccessibleRole.IMAGE_VIEW);
        addEventHandler(MouseEvent.MOUSE_PRESSED, this::press);
        addEventHandler(MouseEvent.MOUSE_DRAGGED, this::drag);
        addEventHandler(MouseEvent.MOUSE_RELEASED, this::release);
        addEventHandler(MouseEvent.MOUSE_MOVED, event -> setCursor(edge(event.getX()) >= 0 ? Cursor.H_RESIZE : null));
    }

    void show(LessonPlan newPlan, int segment, Taker newTaker) {
        plan = newPlan;
        chosen = segment;
        taker = newTaker;
        setAccessibleText(Words.of(
                "lessons.lesson_takes",
                Numbers.whole(plan.seconds() / 60),
                plan.lesson().minutes()));
        requestLayout();
    }

    private MinutesScale scale() {
        return MinutesScale.of(plan, getWidth() - textSize());
    }

    private int edge(double x) {
        return plan == null ? -1 : scale().edge(x);
    }

    private void press(MouseEvent event) {
        if (plan == null || plan.segments().isEmpty()) {
            return;
        }
        from = event.getX();
        at = from;
        stretching = edge(from) >= 0;
        held = stretching ? edge(from) : scale().segment(from);
        if (!stretching) {
            taker.choose(held);
        }
    }

    private void drag(MouseEvent event) {
        if (held >= 0) {
            at = event.getX();
            refresh();
        }
    }

    private void release(MouseEvent event) {
        int moved = held;
        held = -1;
        double way = event.getX() - from;
        if (moved < 0 || Math.abs(way) < FAR) {
            refresh();
            return;
        }
        double length = plan.segments().get(moved).seconds() * scale().pixelsPerSecond();
        if (stretching) {
            taker.stretch(moved, Math.max(0, (length + way) / length));
        } else {
            taker.move(moved, scale().segment(event.getX()));
        }
    }

    @Override
    protected void draw(GraphicsContext g) {
        if (plan == null) {
            return;
        }
        double top = textSize() * 0.3;
        double height = textSize() * 3.4;
        double x = 0;
        for (int i = 0; i < plan.segments().size(); i++) {
            x += segment(g, plan.segments().get(i), i, x, top, height);
        }
        double end = plan.lesson().minutes() * 60 * scale().pixelsPerSecond();
        boolean over = plan.minutesLeft() < 0;
        g.setStroke(over ? caution() : ink());
        g.setLineWidth(2);
        g.strokeLine(end, 0, end, top + height + textSize() * 0.3);
        if (held >= 0 && Math.abs(at - from) >= FAR) {
            g.setStroke(accent());
            g.strokeLine(at, 0, at, top + height + textSize() * 0.3);
        }
    }

    /** Neutral tones; what a segment is for stands on it in words, or in the list below. */
    private Color tone(SegmentKind kind) {
        return switch (kind.tone()) {
            case ROUND_ABOUT -> panel();
            case KNOWN -> line();
            case NEW -> line().interpolate(soft(), 0.28);
            case JOINED -> line().interpolate(soft(), 0.52);
        };
    }

    /** What it is for, or of what, in a word. */
    private String word(Segment segment) {
        Layer layer = segment.showing().layer();
        boolean part = segment.kind().teaches() && layer != Layer.EVERYTHING;
        return new LessonWords(plan.timing().teaching().language())
                .say(
                        part
                                ? "short." + layer.name().toLowerCase(Locale.ROOT)
                                : segment.kind().key());
    }

    private double segment(GraphicsContext g, SegmentPlan segment, int index, double x, double top, double height) {
        double width = segment.seconds() * scale().pixelsPerSecond();
        g.setFill(tone(segment.segment().kind()));
        g.fillRoundRect(x + 1, top, Math.max(1, width - 2), height, 8, 8);
        if (index == chosen) {
            g.setStroke(accent());
            g.setLineWidth(2.5);
            g.strokeRoundRect(x + 1.5, top, Math.max(1, width - 3), height, 8, 8);
        }
        g.setTextAlign(TextAlignment.CENTER);
        g.setTextBaseline(VPos.CENTER);
        g.setFill(ink());
        String minutes = Numbers.whole(segment.seconds() / 60);
        String word = word(segment.segment());
        Font bold = bold(0.87, word);
        boolean room = width > width(word, bold) + textSize() * 0.3;
        if (room) {
            g.setFont(bold);
            g.fillText(word, x + width / 2, top + height * 0.34);
        }
        if (width > textSize() * 0.75 * minutes.length()) {
            g.setFont(font(0.87, minutes));
            g.fillText(minutes, x + width / 2, top + height * (room ? 0.7 : 0.5));
        }
        return width;
    }

    @Override
    protected double computePrefHeight(double width) {
        return textSize() * 4.1;
    }

    @Override
    protected double computeMinHeight(double width) {
        return computePrefHeight(width);
    }
}
