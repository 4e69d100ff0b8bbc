package app.avrel.desktop.log;

import app.avrel.desktop.parts.Drawing;
import app.avrel.desktop.words.Words;
import app.avrel.lesson.Lesson;
import app.avrel.lesson.SegmentKind;
import app.avrel.lesson.course.Syllabus;
import app.avrel.lesson.course.Unit;
import app.avrel.lesson.log.LessonLog;
import app.avrel.lesson.log.Seen;
import app.avrel.words.say.Layer;
import java.util.List;
import javafx.geometry.VPos;
import javafx.scene.AccessibleRole;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.text.TextAlignment;

/** The course over the form: which entries were taught, in which lesson, with which layers, how often one went wrong. */
final class CourseProgress extends Drawing {

    /** The layers that are told apart, from the ground up. */
    private static final List<Layer> LAYERS = List.of(Layer.FEET, Layer.HANDS, Layer.EVERYTHING);

    @SuppressWarnings("NullAway.Init") // told by the first show
    private Syllabus syllabus;

    private List<Lesson> lessons = List.of();
    private int lesson;

    CourseProgress() {
        super("course-progress");
        setAccessibleRole(AccessibleRole.IMAGE_VIEW);
        setAccessibleText(Words.of("log.course_over_form"));
    }

    /** @param chosen which of the lessons is on the desk */
    void show(Syllabus newSyllabus, List<Lesson> newLessons, int chosen) {
        syllabus = newSyllabus;
        lessons = newLessons;
        lesson = chosen;
        requestLayout();
    }

    @Override
    protected void draw(GraphicsContext g) {
        if (syllabus == null || syllabus.units().isEmpty()) {
            return;
        }
        double left = textSize() * 4.2;
        double each = (getWidth() - left - textSize()) / syllabus.units().size();
        double top = textSize() * 1.5;
        double high = textSize() * 1.1;
        g.setTextBaseline(VPos.CENTER);
        g.setFont(font(0.87, ""));
        String[] words = {
            Words.of("log.whole"),
            Words.of("log.hands"),
            Words.of("log.feet"),
            Words.of("common.wrong"),
            Words.of("common.lesson")
        };
        g.setTextAlign(TextAlignment.LEFT);
        g.setFill(soft());
        for (int row = 0; row < words.length; row++) {
            g.fillText(words[row], textSize() * 0.5, top + (row + 0.5) * (high + 3));
        }
        for (int i = 0; i < syllabus.units().size(); i++) {
            unit(g, syllabus.units().get(i), left + i * each, each, top, high);
        }
    }

    private void unit(GraphicsContext g, Unit unit, double x, double width, double top, double high) {
        int taught = taught(unit);
        g.setTextAlign(TextAlignment.CENTER);
        g.setFont(font(0.8, ""));
        g.setFill(soft());
        g.fillText(Integer.toString(unit.number() + 1), x + width / 2, top - textSize() * 0.7);
        for (int layer = 0; layer < LAYERS.size(); layer++) {
            boolean done = layer(unit, LAYERS.get(layer));
            g.setFill(done ? ink().interpolate(paper(), 0.35) : line());
            double y = top + (2 - layer) * (high + 3);
            g.fillRoundRect(x + 1, y, Math.max(1, width - 2), high, 5, 5);
        }
        int wrong = wrong(unit);
        g.setFill(wrong > 0 ? caution() : soft());
        g.setFont(bold(0.87, ""));
        g.fillText(wrong > 0 ? Integer.toString(wrong) : "·", x + width / 2, top + 3.5 * (high + 3));
        g.setFill(taught == lesson ? accent() : soft());
        g.fillText(taught < 0 ? "" : Integer.toString(taught + 1), x + width / 2, top + 4.5 * (high + 3));
    }

    /** The lesson in which a unit is new: taught, or planned. */
    private int taught(Unit unit) {
        for (int i = 0; i < lessons.size(); i++) {
            Lesson one = lessons.get(i);
            boolean left =
                    one.log().map(log -> log.left().contains(unit.entry())).orElse(false);
            if (one.brings().contains(unit.entry()) && !one.missed() && !left) {
                return i;
            }
        }
        return -1;
    }

    /** Whether a layer of a unit was done in a lesson that was taught. */
    private boolean layer(Unit unit, Layer layer) {
        return lessons.stream()
                .filter(Lesson::taught)
                .anyMatch(one -> one.segments().stream()
                        .filter(segment -> segment.kind().teaches() || segment.kind() == SegmentKind.REVIEW)
                        .filter(segment -> segment.stretch()
                                .filter(stretch -> stretch.first().equals(unit.entry()))
                                .isPresent())
                        .filter(_ -> !one.log().orElseThrow().left().contains(unit.entry()))
                        .anyMatch(segment -> segment.showing().layer() == layer
                                || segment.showing().layer() == Layer.EVERYTHING
                                        && segment.kind() == SegmentKind.OTHER_SIDE
                                || layer == Layer.FEET && segment.showing().layer() == Layer.FEET_AND_BODY));
    }

    private int wrong(Unit unit) {
        var posture = unit.stretch().getFirst().posture();
        return lessons.stream()
                .flatMap(one -> one.log().stream())
                .map(LessonLog::seen)
                .flatMap(List::stream)
                .filter(seen -> seen.posture().equals(posture.id()))
                .filter(seen -> seen.side().isEmpty() || seen.side().equals(posture.side()))
                .mapToInt(Seen::times)
                .sum();
    }

    @Override
    protected double computePrefHeight(double width) {
        return textSize() * 8.6;
    }
}
