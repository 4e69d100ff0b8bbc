package app.avrel.samples;

import app.avrel.body.Side;
import app.avrel.form.Entry;
import app.avrel.form.Form;
import app.avrel.form.Played;
import app.avrel.lesson.Doing;
import app.avrel.lesson.Lesson;
import app.avrel.lesson.LessonId;
import app.avrel.lesson.SeenFrom;
import app.avrel.lesson.Segment;
import app.avrel.lesson.SegmentKind;
import app.avrel.lesson.Showing;
import app.avrel.lesson.Stretch;
import app.avrel.lesson.Version;
import app.avrel.lesson.course.Course;
import app.avrel.lesson.course.CourseId;
import app.avrel.lesson.log.LessonLog;
import app.avrel.lesson.log.Question;
import app.avrel.lesson.log.Seen;
import app.avrel.posture.count.CueLevel;
import app.avrel.words.say.Layer;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;

/** Lessons made up at random over a form. */
final class SampleLessons {

    private static final CourseId COURSE = new CourseId("course");
    private static final LocalDate FIRST = LocalDate.of(2026, 1, 8);

    private final Samples samples;
    private final Form form;

    SampleLessons(Samples samples, Form form) {
        this.samples = samples;
        this.form = form;
    }

    Course course() {
        return Course.of(COURSE, "Thursdays", form.id(), FIRST)
                .withDays(samples.several(0, 3, () -> samples.one(DayOfWeek.values())))
                .withOff(samples.several(0, 2, () -> FIRST.plusDays(samples.number(1, 60))))
                .withUntil(samples.maybe(() -> FIRST.plusDays(samples.number(1, 99))))
                .withPace(samples.number(5, 20) / 10.0);
    }

    List<Lesson> lessons() {
        return List.of(lesson(1), lesson(2));
    }

    private Lesson lesson(int number) {
        return Lesson.of(
                        new LessonId("lesson-" + number),
                        "Lesson " + number,
                        form.id(),
                        samples.number(30, 90),
                        samples.several(1, 5, this::segment))
                .withCourse(samples.maybe(() -> COURSE))
                .withBrings(form.entries().stream().limit(2).map(Entry::id).toList())
                .withPinned(samples.chance(0.3))
                .withLog(samples.maybe(this::log));
    }

    private Segment segment() {
        int first = samples.number(0, form.entries().size() - 1);
        int last = samples.number(first, form.entries().size() - 1);
        Stretch stretch = Stretch.of(
                        form.entries().get(first).id(), form.entries().get(last).id())
                .withFromLastCount(samples.chance(0.3))
                .withCounts(samples.chance(0.2) ? Optional.of(new Stretch.Counts(0, 1)) : Optional.empty());
        Segment made = samples.chance(0.3)
                ? Segment.free(samples.one(SegmentKind.values()), "Warm up", "Slowly.", samples.number(0, 600))
                        .withBeats(samples.number(0, 20))
                : Segment.of(samples.one(SegmentKind.values()), stretch, showing());
        return made.times(samples.number(1, 6))
                .withSecondsPerBeat(samples.number(2, 8))
                .withPauseSeconds(samples.number(0, 30));
    }

    private Showing showing() {
        return new Showing(
                samples.one(Layer.values()),
                samples.one(Played.values()),
                samples.one(SeenFrom.values()),
                samples.chance(0.5),
                samples.one(CueLevel.values()),
                samples.one(CueLevel.values()),
                samples.one(Doing.values()),
                samples.one(Version.values()));
    }

    private LessonLog log() {
        var posture = form.entries().getFirst().posture();
        return LessonLog.begun(FIRST.plusWeeks(samples.number(0, 9)))
                .ticked(0, samples.number(0, 900))
                .saw(new Seen(
                        posture,
                        samples.maybe(() -> samples.one(Side.values())),
                        samples.maybe(() -> samples.number(0, 3)),
                        "knee falls in",
                        samples.number(1, 4)))
                .asked(new Question(samples.maybe(() -> posture), "How low?", samples.chance(0.5) ? "Not lower." : ""))
                .withPresent(List.of("A", "B"));
    }
}
