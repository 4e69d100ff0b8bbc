package app.avrel.lesson.course;

import app.avrel.form.Form;
import app.avrel.form.Track;
import app.avrel.label.Labels;
import app.avrel.lesson.Lesson;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * What another choice would change.
 *
 * @param what is changed, in words
 * @param course the course with that change
 * @param plan what it would be
 */
public record WhatIf(String what, Course course, CoursePlan plan) {

    private static final double SLOWER = 0.8;

    /** {@return what ten minutes more, a lesson fewer, and a slower pace would change} */
    public static List<WhatIf> of(Course course, Form form, Track track, List<Lesson> made) {
        List<WhatIf> all = new ArrayList<>();
        if (course.minutes() <= 590) {
            all.add(of(
                    Labels.say("lessons.10_minutes_more"),
                    course.withMinutes(course.minutes() + 10),
                    form,
                    track,
                    made));
        }
        if (course.count()
                > Math.max(
                        1,
                        made.stream().filter(lesson -> lesson.log().isPresent()).count())) {
            Course fewer = course.withLessons(Math.max(1, course.count() - 1)).withUntil(Optional.empty());
            all.add(of(Labels.say("lessons.one_lesson_fewer"), fewer, form, track, made));
        }
        if (course.pace() * SLOWER >= 0.5) {
            all.add(of(Labels.say("lessons.slower_pace"), course.withPace(course.pace() * SLOWER), form, track, made));
        }
        return all;
    }

    private static WhatIf of(String what, Course course, Form form, Track track, List<Lesson> made) {
        return new WhatIf(what, course, CoursePlan.of(course, Syllabus.of(form, track, course), made));
    }

    /** {@return what would be, in a sentence} */
    public String sentence() {
        int over = plan.lessons().stream()
                .filter(lesson -> !lesson.settled())
                .mapToInt(CoursePlan.Planned::over)
                .max()
                .orElse(0);
        return over > 0
                ? Labels.say("lessons.does_not_fit", what, Explaining.minutes(over))
                : Labels.say("lessons.fullest_lesson_takes", what, Explaining.minutes(plan.worst()), course.minutes());
    }
}
