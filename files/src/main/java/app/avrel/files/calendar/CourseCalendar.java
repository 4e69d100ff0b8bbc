package app.avrel.files.calendar;

import app.avrel.lesson.Lesson;
import app.avrel.lesson.course.Course;
import app.avrel.project.Project;
import biweekly.Biweekly;
import biweekly.ICalendar;
import biweekly.component.VEvent;
import biweekly.util.DateTimeComponents;
import biweekly.util.ICalDate;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.Date;
import java.util.List;

/**
 * The days of a course as iCalendar (RFC 5545): an event a lesson, in the time of wherever it is looked at.
 *
 * <p>The same course is always the same text, so that a calendar that takes it again changes its events instead of
 * doubling them.
 */
public final class CourseCalendar {

    private CourseCalendar() {}

    /** {@return the calendar of a course, with its lessons as far as they are made} */
    public static String of(Project project, Course course) {
        ICalendar calendar = new ICalendar();
        calendar.setProductId("-//Avrel//Course//EN");
        calendar.getTimezoneInfo().setGlobalFloatingTime(true);
        List<Lesson> lessons = project.lessonsOf(course.id());
        List<LocalDate> dates = course.dates();
        for (int i = 0; i < dates.size(); i++) {
            calendar.addEvent(event(
                    project,
                    course,
                    i,
                    dates.get(i),
                    i < lessons.size() ? lessons.get(i).title() : ""));
        }
        return Biweekly.write(calendar).go();
    }

    private static VEvent event(Project project, Course course, int number, LocalDate day, String title) {
        LocalDateTime begins = LocalDateTime.of(day, course.at());
        VEvent event = new VEvent();
        event.setUid(course.id().key() + "-" + (number + 1) + "@avrel");
        event.setDateTimeStamp(
                Date.from(course.first().atStartOfDay(ZoneId.of("UTC")).toInstant()));
        event.setSummary(course.name() + " " + (number + 1) + (title.isEmpty() ? "" : ": " + title));
        event.setDateStart(floating(begins));
        event.setDateEnd(floating(begins.plusMinutes(course.minutes())));
        event.setLocation(project.name());
        return event;
    }

    /** A time without a zone: half past six is half past six. */
    private static ICalDate floating(LocalDateTime time) {
        DateTimeComponents parts = new DateTimeComponents(
                time.getYear(), time.getMonthValue(), time.getDayOfMonth(), time.getHour(), time.getMinute(), 0, false);
        return new ICalDate(parts, true);
    }
}
