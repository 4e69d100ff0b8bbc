/** Courses as calendars: {@link app.avrel.files.calendar.CourseCalendar}. */
package app.avrel.files.calendar;
