package app.avrel.lesson;

/**
 * A piece of a lesson's time.
 *
 * @param segment of the lesson, from 0
 * @param time which of its times, from 0; -1 for what is said before
 * @param start seconds from the lesson's beginning
 */
public record Span(int segment, int time, Kind kind, double start, double seconds) {

    /** What is done meanwhile. */
    public enum Kind {
        SAYING,
        DOING,
        PAUSING
    }

    public double end() {
        return start + seconds;
    }
}
