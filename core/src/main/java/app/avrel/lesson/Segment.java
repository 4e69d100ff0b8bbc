package app.avrel.lesson;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Optional;

/**
 * A piece of a lesson.
 *
 * @param title its own; empty where its kind and its postures say enough
 * @param stretch what of the form it is about; empty for warm-up, questions and the like
 * @param beats how long one repetition moves where it is about no stretch, 0 to 10000
 * @param words what the instructor says before it, beside what is made from the stretch
 * @param showing how it is shown and said
 * @param repetitions how often it is done, 1 to 100
 * @param secondsPerBeat 0.2 to 30
 * @param pauseSeconds of rest, looking or answering after each repetition, 0 to 3600
 */
@RecordBuilder
public record Segment(
        SegmentKind kind,
        String title,
        Optional<Stretch> stretch,
        double beats,
        String words,
        Showing showing,
        int repetitions,
        double secondsPerBeat,
        int pauseSeconds)
        implements SegmentBuilder.With {

    public Segment {
        if (repetitions < 1 || repetitions > 100) {
            throw new IllegalArgumentException("repetitions must be 1 to 100, but was " + repetitions);
        }
        if (!(secondsPerBeat >= 0.2 && secondsPerBeat <= 30)) {
            throw new IllegalArgumentException("a beat must take 0.2 to 30 seconds, but was " + secondsPerBeat);
        }
        if (pauseSeconds < 0 || pauseSeconds > 3600) {
            throw new IllegalArgumentException("a pause must be 0 to 3600 seconds, but was " + pauseSeconds);
        }
        if (!(beats >= 0 && beats <= 10000)) {
            throw new IllegalArgumentException("beats of a segment must be 0 to 10000, but was " + beats);
        }
        beats += 0.0;
    }

    /** {@return something outside the form that takes so many seconds} */
    public static Segment free(SegmentKind kind, String title, String words, int seconds) {
        return new Segment(kind, title, Optional.empty(), 0, words, Showing.SAID, 1, 4, Math.clamp(seconds, 0, 3600));
    }

    /** {@return a stretch done once at four seconds a beat} */
    public static Segment of(SegmentKind kind, Stretch stretch, Showing showing) {
        return new Segment(kind, "", Optional.of(stretch), 0, "", showing, 1, 4, 0);
    }

    /** {@return the same with another number of repetitions, kept within what is possible} */
    public Segment times(int many) {
        return withRepetitions(Math.clamp(many, 1, 100));
    }
}
