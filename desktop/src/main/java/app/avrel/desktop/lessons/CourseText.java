package app.avrel.desktop.lessons;

import app.avrel.desktop.parts.Figures;
import app.avrel.desktop.words.Words;
import app.avrel.lesson.course.Course;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/** Days, times and numbers of lessons as a course's fields show them, and as they are typed. */
final class CourseText {

    private static final Pattern DATE_LAST = Pattern.compile("\\d{4}-\\d{2}-\\d{2}$");

    private CourseText() {}

    static Optional<LocalDate> day(String typed) {
        try {
            return Optional.of(LocalDate.parse(typed.strip()));
        } catch (DateTimeParseException notOne) {
            return Optional.empty();
        }
    }

    static Optional<LocalTime> time(String typed) {
        try {
            return Optional.of(LocalTime.parse(typed.strip()));
        } catch (DateTimeParseException notOne) {
            return Optional.empty();
        }
    }

    static Optional<List<LocalDate>> days(String typed) {
        List<LocalDate> days = new ArrayList<>();
        for (String one : typed.split("[,;\\s]+")) {
            if (!one.isBlank()) {
                Optional<LocalDate> day = day(one);
                if (day.isEmpty()) {
                    return Optional.empty();
                }
                days.add(day.get());
            }
        }
        return Optional.of(days);
    }

    static String off(Course course) {
        return course.off().stream().map(LocalDate::toString).collect(Collectors.joining(", "));
    }

    static String lessons(Course course) {
        return course.until().map(day -> Words.of("lessons.until", day)).orElse(Integer.toString(course.lessons()));
    }

    /** {@return how many lessons, or until which day: a number, or a date with whatever word the language puts before it} */
    static Optional<UnaryOperator<Course>> lessons(String typed) {
        Matcher date = DATE_LAST.matcher(typed.strip());
        if (date.find()) {
            return day(date.group()).map(day -> of -> of.withUntil(Optional.of(day)));
        }
        return Figures.whole(typed.strip(), 1, 500)
                .map(many -> of -> of.withLessons(many).withUntil(Optional.empty()));
    }
}
