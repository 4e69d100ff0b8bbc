package app.avrel.lesson.make;

import app.avrel.lesson.SegmentKind;
import app.avrel.lesson.Showing;
import io.soabase.recordbuilder.core.RecordBuilder;

/**
 * One step of a recipe.
 *
 * @param title its own; empty where its kind says enough
 * @param words what is said before it
 * @param seconds how long it takes where it is about nothing of the form
 * @param times how often at least
 * @param fromLastCount whether it begins with the last count of the posture before
 */
@RecordBuilder
public record Step(
        SegmentKind kind,
        Reach reach,
        String title,
        String words,
        int seconds,
        Showing showing,
        int times,
        boolean fromLastCount)
        implements StepBuilder.With {

    public Step {
        if (times < 1 || times > 100) {
            throw new IllegalArgumentException("a step must be done 1 to 100 times, but was " + times);
        }
        if (seconds < 0 || seconds > 3600) {
            throw new IllegalArgumentException("a step must take 0 to 3600 seconds, but was " + seconds);
        }
    }

    /** {@return a step about a part of the form} */
    static Step of(SegmentKind kind, Reach reach, Showing showing, int times) {
        return new Step(kind, reach, "", "", 0, showing, times, false);
    }

    /** {@return a step about nothing of the form that takes its share of the lesson's beginning or end} */
    static Step around(SegmentKind kind, int seconds) {
        return new Step(kind, Reach.NONE, "", "", seconds, Showing.SAID, 1, false);
    }

    Step titled(String own) {
        return withTitle(own);
    }

    Step joined() {
        return withFromLastCount(true);
    }
}
