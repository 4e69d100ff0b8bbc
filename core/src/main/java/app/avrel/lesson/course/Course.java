package app.avrel.lesson.course;

import app.avrel.form.FormId;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.TreeSet;

/**
 * A form taught over weeks.
 *
 * @param first the day of the first lesson
 * @param days the days of the week on which there are lessons; the first lesson's where none is given
 * @param at when a lesson begins
 * @param off days without a lesson
 * @param lessons how many, 1 to 500
 * @param until the last day on which there may be a lesson; where given, it says how many there are
 * @param minutes of a lesson, 1 to 600
 * @param pace 1 as usual, 0.5 half as fast, to 2 twice as fast
 * @param recipe by which the segments of a lesson are proposed; empty for the usual one
 */
@RecordBuilder
public record Course(
        CourseId id,
        String name,
        FormId form,
        LocalDate first,
        List<DayOfWeek> days,
        LocalTime at,
        List<LocalDate> off,
        int lessons,
        Optional<LocalDate> until,
        int minutes,
        double pace,
        TeachingFactors factors,
        String recipe)
        implements CourseBuilder.With {

    private static final int MOST = 500;

    public Course {
        days = List.copyOf(new TreeSet<>(days));
        off = List.copyOf(new TreeSet<>(off));
        if (lessons < 1 || lessons > MOST) {
            throw new IllegalArgumentException("a course must have 1 to 500 lessons, but was " + lessons);
        }
        if (minutes < 1 || minutes > 600) {
            throw new IllegalArgumentException("a lesson must last 1 to 600 minutes, but was " + minutes);
        }
        if (!(pace >= 0.5 && pace <= 2)) {
            throw new IllegalArgumentException("the pace must be 0.5 to 2, but was " + pace);
        }
    }

    /** {@return a course of twelve lessons of fifty minutes, a lesson a week} */
    public static Course of(CourseId id, String name, FormId form, LocalDate first) {
        return new Course(
                id,
                name,
                form,
                first,
                List.of(first.getDayOfWeek()),
                LocalTime.of(18, 0),
                List.of(),
                12,
                Optional.empty(),
                50,
                1,
                TeachingFactors.USUAL,
                "");
    }

    /** {@return the seconds of a beat at this course's pace} */
    public double secondsPerBeat() {
        return Math.clamp(factors.secondsPerBeat() / pace, 0.2, 30);
    }

    /** {@return how many days of lessons there are} */
    public int count() {
        return dates().size();
    }

    /** {@return the days of the lessons, in order; at least the first} */
    public List<LocalDate> dates() {
        List<DayOfWeek> wanted = days.isEmpty() ? List.of(first.getDayOfWeek()) : days;
        List<LocalDate> dates = new ArrayList<>();
        LocalDate last = until.orElse(LocalDate.MAX);
        int most = until.isPresent() ? MOST : lessons;
        LocalDate given = off.isEmpty() || off.getLast().isBefore(first) ? first : off.getLast();
        for (LocalDate day = first; dates.size() < most && !day.isAfter(last); day = day.plusDays(1)) {
            if (wanted.contains(day.getDayOfWeek()) && !off.contains(day)) {
                dates.add(day);
            }
            if (dates.isEmpty() && day.isAfter(given.plusWeeks(2))) {
                break;
            }
        }
        return dates.isEmpty() ? List.of(first) : List.copyOf(dates);
    }
}
