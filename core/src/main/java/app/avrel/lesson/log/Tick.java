package app.avrel.lesson.log;

/**
 * A segment that was done.
 *
 * @param segment of the lesson, from 0
 * @param seconds it really took, at least 0
 */
public record Tick(int segment, int seconds) {
    public Tick {
        if (segment < 0 || seconds < 0) {
            throw new IllegalArgumentException(
                    "a tick must name a segment and how long it took, but was " + segment + ", " + seconds + " s");
        }
    }
}
