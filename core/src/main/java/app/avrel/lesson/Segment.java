package app.avrel.lesson;

import app.avrel.form.EntryId;
import app.avrel.posture.count.CueLevel;

/** A piece of a lesson. */
public sealed interface Segment {

    /** {@return how often it is done, at least 1} */
    int repetitions();

    /** {@return seconds one beat takes, 0.2 to 30} */
    double secondsPerBeat();

    /** {@return seconds of rest or answering after each repetition, 0 to 3600} */
    int pauseSeconds();

    /**
     * A stretch of the lesson's form.
     *
     * @param first the first entry of the stretch
     * @param last the last one
     * @param level how much is said
     */
    record OfForm(
            Purpose purpose,
            EntryId first,
            EntryId last,
            CueLevel level,
            int repetitions,
            double secondsPerBeat,
            int pauseSeconds)
            implements Segment {
        public OfForm {
            check(repetitions, secondsPerBeat, pauseSeconds);
        }
    }

    /**
     * Something outside the form: arrival, warm-up, questions.
     *
     * @param title what it is
     * @param beats how long one repetition moves, 0 to 10000
     * @param words what is said, once
     */
    record Free(String title, double beats, String words, int repetitions, double secondsPerBeat, int pauseSeconds)
            implements Segment {
        public Free {
            check(repetitions, secondsPerBeat, pauseSeconds);
            if (!(beats >= 0 && beats <= 10000)) {
                throw new IllegalArgumentException("beats of a segment must be 0 to 10000, but was " + beats);
            }
            beats += 0.0;
        }
    }

    /** What a stretch of the form is done for. */
    enum Purpose {
        RECAP("So far"),
        NEW_POSTURE("New"),
        RUN_THROUGH("Run-through");

        private final String label;

        Purpose(String label) {
            this.label = label;
        }

        public String label() {
            return label;
        }
    }

    /** {@return the same segment with another rhythm} */
    default Segment timed(int newRepetitions, double newSecondsPerBeat, int newPauseSeconds) {
        return switch (this) {
            case OfForm of ->
                new OfForm(of.purpose, of.first, of.last, of.level, newRepetitions, newSecondsPerBeat, newPauseSeconds);
            case Free free ->
                new Free(free.title, free.beats, free.words, newRepetitions, newSecondsPerBeat, newPauseSeconds);
        };
    }

    private static void check(int repetitions, double secondsPerBeat, int pauseSeconds) {
        if (repetitions < 1 || repetitions > 100) {
            throw new IllegalArgumentException("repetitions must be 1 to 100, but was " + repetitions);
        }
        if (!(secondsPerBeat >= 0.2 && secondsPerBeat <= 30)) {
            throw new IllegalArgumentException("a beat must take 0.2 to 30 seconds, but was " + secondsPerBeat);
        }
        if (pauseSeconds < 0 || pauseSeconds > 3600) {
            throw new IllegalArgumentException("a pause must be 0 to 3600 seconds, but was " + pauseSeconds);
        }
    }
}
