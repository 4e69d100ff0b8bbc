package app.avrel.desktop.lessons;

import app.avrel.desktop.session.Desk;
import app.avrel.desktop.words.Words;
import app.avrel.lesson.Lesson;
import app.avrel.lesson.course.Course;
import app.avrel.lesson.log.LessonLog;
import app.avrel.project.Lessons;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A lesson as it is listed.
 *
 * @param at its place among all lessons of the project
 * @param number in its course, from 1
 * @param share of its minutes that it takes
 */
record LessonLine(int at, int number, Lesson lesson, Optional<LocalDate> day, double share) {

    String state() {
        if (lesson.missed()) {
            return Words.of("lessons.missed");
        }
        int planned = (int) Math.round(share * lesson.minutes());
        if (lesson.taught()) {
            int over = lesson.log().map(LessonLog::seconds).orElse(0) / 60 - lesson.minutes();
            return over > 0 ? Words.of("lessons.over", over) : "✓";
        }
        return Words.of("lessons.min", (lesson.pinned() ? Words.of("lessons.pinned") : "") + planned);
    }

    /** {@return the lessons of the course that is chosen, or those of none} */
    static List<LessonLine> all(Desk desk, Lessons lessons) {
        Optional<Course> shown = desk.course();
        List<LocalDate> days = shown.map(Course::dates).orElse(List.of());
        List<LessonLine> rows = new ArrayList<>();
        List<Lesson> all = desk.project().lessons();
        for (int i = 0; i < all.size(); i++) {
            Lesson lesson = all.get(i);
            if (lesson.course().equals(shown.map(Course::id))) {
                int number = rows.size();
                Optional<LocalDate> day = lesson.log()
                        .map(LessonLog::date)
                        .or(() -> number < days.size() ? Optional.of(days.get(number)) : Optional.empty());
                double share = lessons.plan(lesson).seconds() / (lesson.minutes() * 60.0);
                rows.add(new LessonLine(i, number + 1, lesson, day, share));
            }
        }
        return rows;
    }
}
