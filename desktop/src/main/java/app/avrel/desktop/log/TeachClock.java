package app.avrel.desktop.log;

import app.avrel.lesson.Lesson;
import app.avrel.lesson.LessonId;
import app.avrel.lesson.log.LessonLog;
import java.util.Optional;
import java.util.function.LongSupplier;
import java.util.stream.IntStream;

/** How long one has been teaching, and which segment is on: the first that is not ticked. */
final class TeachClock {

    private final LongSupplier millis;
    private Optional<LessonId> lesson = Optional.empty();
    private long begun;
    private long segmentBegun;

    /** @param millis the time, in milliseconds from any moment */
    TeachClock(LongSupplier millis) {
        this.millis = millis;
    }

    void start(Lesson of) {
        lesson = Optional.of(of.id());
        begun = millis.getAsLong();
        segmentBegun = begun;
    }

    void stop() {
        lesson = Optional.empty();
    }

    boolean running(Lesson of) {
        return lesson.filter(of.id()::equals).isPresent();
    }

    /** {@return seconds since the lesson began} */
    int seconds() {
        return (int) ((millis.getAsLong() - begun) / 1000);
    }

    /** {@return seconds since the segment began that is on} */
    int segmentSeconds() {
        return (int) ((millis.getAsLong() - segmentBegun) / 1000);
    }

    /** {@return seconds of the segment that is on, which ends now} */
    int next() {
        int seconds = segmentSeconds();
        segmentBegun = millis.getAsLong();
        return seconds;
    }

    /** {@return the segment that is on; empty once all are ticked} */
    static Optional<Integer> on(Lesson lesson) {
        Optional<LessonLog> log = lesson.log();
        return IntStream.range(0, lesson.segments().size())
                .filter(i -> log.map(one -> !one.done(i)).orElse(true))
                .boxed()
                .findFirst();
    }
}
