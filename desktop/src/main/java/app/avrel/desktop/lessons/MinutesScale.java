package app.avrel.desktop.lessons;

import app.avrel.lesson.LessonPlan;
import app.avrel.lesson.SegmentPlan;

/**
 * Where the segments of a lesson stand along its minutes.
 *
 * @param pixelsPerSecond how long a second is, at least 0
 */
record MinutesScale(LessonPlan plan, double pixelsPerSecond) {

    /** Pixels from an end within which it is taken hold of. */
    private static final double EDGE = 6;

    /** {@return a scale on which the lesson, and what is too much in it, has room in a width} */
    static MinutesScale of(LessonPlan plan, double width) {
        return new MinutesScale(plan, width / Math.max(plan.lesson().minutes() * 60.0, plan.seconds()));
    }

    double end(int segment) {
        return plan.segments().stream()
                        .limit(segment + 1L)
                        .mapToDouble(SegmentPlan::seconds)
                        .sum()
                * pixelsPerSecond;
    }

    /** {@return which segment is here; the last one past the end} */
    int segment(double x) {
        for (int i = 0; i < plan.segments().size(); i++) {
            if (x < end(i)) {
                return i;
            }
        }
        return plan.segments().size() - 1;
    }

    /** {@return the segment whose end is here; -1 where none is} */
    int edge(double x) {
        for (int i = 0; i < plan.segments().size(); i++) {
            if (Math.abs(x - end(i)) < EDGE && plan.segments().get(i).seconds() > 0) {
                return i;
            }
        }
        return -1;
    }
}
