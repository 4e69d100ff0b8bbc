package app.avrel.lesson.course;

import static app.avrel.lesson.LessonSamples.COURSE;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** The days of a course. */
class CourseTest {

    @Test
    void aCourseIsOnItsDayOfTheWeekAsOftenAsItHasLessons() {
        assertThat(COURSE.dates())
                .hasSize(12)
                .startsWith(LocalDate.of(2026, 1, 8), LocalDate.of(2026, 1, 15))
                .allMatch(day -> day.getDayOfWeek() == DayOfWeek.THURSDAY);
    }

    @Test
    void aHolidayMovesEverythingAfterItOn() {
        Course broken = COURSE.withOff(List.of(LocalDate.of(2026, 2, 12)));
        assertThat(broken.dates()).hasSize(12).doesNotContain(LocalDate.of(2026, 2, 12));
        assertThat(broken.dates().getLast()).isEqualTo(COURSE.dates().getLast().plusWeeks(1));
    }

    @Test
    void aLastDaySaysHowManyLessonsThereAre() {
        Course until = COURSE.withUntil(Optional.of(LocalDate.of(2026, 1, 29)));
        assertThat(until.dates()).hasSize(4);
        assertThat(until.withOff(List.of(LocalDate.of(2026, 1, 15))).count()).isEqualTo(3);
    }

    @Test
    void twiceAWeekIsInTheOrderOfTheDays() {
        Course twice =
                COURSE.withDays(List.of(DayOfWeek.THURSDAY, DayOfWeek.MONDAY)).withLessons(3);
        assertThat(twice.dates())
                .containsExactly(LocalDate.of(2026, 1, 8), LocalDate.of(2026, 1, 12), LocalDate.of(2026, 1, 15));
    }

    @Test
    void aLastDayBeforeTheFirstLeavesTheFirst() {
        assertThat(COURSE.withUntil(Optional.of(LocalDate.of(2025, 1, 1))).dates())
                .containsExactly(COURSE.first());
    }

    @Test
    void impossibleCoursesAreRefused() {
        assertThatThrownBy(() -> COURSE.withLessons(0)).hasMessage("a course must have 1 to 500 lessons, but was 0");
        assertThatThrownBy(() -> COURSE.withPace(3)).hasMessage("the pace must be 0.5 to 2, but was 3.0");
        assertThatThrownBy(() -> TeachingFactors.USUAL.withOtherSide(2))
                .hasMessage("the share of the other side must be 0 to 1, but was 2");
    }
}
