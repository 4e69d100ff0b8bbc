package app.avrel.desktop.log;

import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.files.Demo;
import app.avrel.lesson.Lesson;
import app.avrel.lesson.log.LessonLog;
import java.time.LocalDate;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicLong;
import org.junit.jupiter.api.Test;

/** The clock of a lesson. */
class TeachClockTest {

    private static final Lesson LESSON = Demo.project().lessons().get(6);

    private final AtomicLong now = new AtomicLong(5000);
    private final TeachClock clock = new TeachClock(now::get);

    @Test
    void eachSegmentTakesWhatHasGoneSinceTheOneBefore() {
        clock.start(LESSON);
        now.addAndGet(90_000);
        assertThat(clock.next()).isEqualTo(90);
        now.addAndGet(30_500);
        assertThat(clock.segmentSeconds()).isEqualTo(30);
        assertThat(clock.next()).isEqualTo(30);
        assertThat(clock.seconds()).isEqualTo(120);
    }

    @Test
    void itRunsForOneLessonOnly() {
        clock.start(LESSON);
        assertThat(clock.running(LESSON)).isTrue();
        assertThat(clock.running(Demo.project().lessons().getFirst())).isFalse();
        clock.stop();
        assertThat(clock.running(LESSON)).isFalse();
    }

    @Test
    void theFirstSegmentThatIsNotTickedIsOn() {
        assertThat(TeachClock.on(LESSON)).contains(0);
        LessonLog log =
                LessonLog.begun(LocalDate.of(2026, 11, 26)).ticked(0, 60).ticked(2, 60);
        assertThat(TeachClock.on(LESSON.withLog(Optional.of(log)))).contains(1);
    }
}
