package app.avrel.files;

import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.files.calendar.CourseCalendar;
import app.avrel.lesson.course.Course;
import app.avrel.project.Project;
import java.io.IOException;
import java.io.StringReader;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.temporal.Temporal;
import java.util.List;
import net.fortuna.ical4j.data.CalendarBuilder;
import net.fortuna.ical4j.data.ParserException;
import net.fortuna.ical4j.model.Component;
import net.fortuna.ical4j.model.component.VEvent;
import org.junit.jupiter.api.Test;

/** A course in a calendar, as an independent program reads it. */
class CourseCalendarTest {

    private static final Project DEMO = Demo.project();
    private static final Course COURSE = DEMO.courses().getFirst();

    private static List<VEvent> events(Project project, Course course) throws IOException, ParserException {
        return new CalendarBuilder()
                .build(new StringReader(CourseCalendar.of(project, course)))
                .getComponents(Component.VEVENT);
    }

    private static Temporal start(VEvent event) {
        return event.getDateTimeStart().getDate();
    }

    @Test
    void everyLessonIsAnEventOnItsDayAtItsTimeWithoutAZone() throws IOException, ParserException {
        List<VEvent> events = events(DEMO, COURSE);
        assertThat(events).hasSize(12);
        assertThat(events.stream().map(CourseCalendarTest::start))
                .containsExactlyElementsOf(COURSE.dates().stream()
                        .map(day -> (Temporal) LocalDateTime.of(day, COURSE.at()))
                        .toList());
        assertThat(events.getFirst().getDateTimeEnd().getDate()).isEqualTo(LocalDateTime.of(2026, 10, 8, 19, 20));
        assertThat(events.get(6).getSummary().getValue()).isEqualTo("Thursday beginners 7: Kick the Stone");
        assertThat(events.getFirst().getLocation().getValue()).isEqualTo("Weirside Hall");
    }

    @Test
    void thereIsNoEventOnADayWithoutALesson() throws IOException, ParserException {
        assertThat(events(DEMO, COURSE).stream().map(CourseCalendarTest::start))
                .noneMatch(start -> LocalDate.from(start).equals(LocalDate.of(2026, 11, 12)));
    }

    @Test
    void theSameCourseIsAlwaysTheSameTextAndItsEventsKeepTheirNames() throws IOException, ParserException {
        assertThat(CourseCalendar.of(DEMO, COURSE)).isEqualTo(CourseCalendar.of(DEMO, COURSE));
        Course later = COURSE.withFirst(COURSE.first().plusWeeks(1));
        assertThat(events(DEMO, later).stream()
                        .map(event -> event.getUid().orElseThrow().getValue()))
                .containsExactlyElementsOf(events(DEMO, COURSE).stream()
                        .map(event -> event.getUid().orElseThrow().getValue())
                        .toList());
    }
}
