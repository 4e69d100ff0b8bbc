package app.avrel.project;

import app.avrel.floor.Heading;
import app.avrel.form.Entry;
import app.avrel.form.Form;
import app.avrel.form.FormId;
import app.avrel.form.Occurrence;
import app.avrel.form.Played;
import app.avrel.form.Track;
import app.avrel.form.Unroll;
import app.avrel.label.Language;
import app.avrel.lesson.Doing;
import app.avrel.lesson.FormDone;
import app.avrel.lesson.Lesson;
import app.avrel.lesson.LessonPlan;
import app.avrel.lesson.SegmentTiming;
import app.avrel.lesson.Teaching;
import app.avrel.lesson.Version;
import app.avrel.lesson.course.Course;
import app.avrel.lesson.course.CourseId;
import app.avrel.lesson.course.CoursePlan;
import app.avrel.lesson.course.Syllabus;
import app.avrel.lesson.course.TeachingFactors;
import app.avrel.lesson.log.Review;
import app.avrel.posture.Posture;
import app.avrel.words.Wording;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.IntStream;

/**
 * The lessons and courses of a project worked out.
 *
 * <p>What was worked out is remembered and, as long as a form is done as it was, taken over after an edit. Not for several
 * threads at once.
 */
public final class Lessons {

    private record Key(FormId form, TeachingFactors factors) {}

    private record Timed(Track track, Wording wording, SegmentTiming timing) {}

    private final Analysis analysis;
    private final Language language;
    private final Map<Key, Timed> timings = new HashMap<>();
    private final Map<Course, Syllabus> syllabuses = new HashMap<>();

    /** Lessons in a language. */
    public Lessons(Analysis analysis, Language language) {
        this.analysis = analysis;
        this.language = language;
    }

    /** {@return the same after an edit} */
    public Lessons after(Analysis changed) {
        Lessons next = new Lessons(changed, language);
        timings.forEach((key, timed) -> {
            boolean same = changed.track(key.form())
                    .filter(track -> track == timed.track())
                    .isPresent();
            if (same && timed.wording().equals(next.wording())) {
                next.timings.put(key, timed);
            }
        });
        syllabuses.forEach((course, syllabus) -> {
            if (changed.track(course.form()).orElse(null)
                    == analysis.track(course.form()).orElse(null)) {
                next.syllabuses.put(course, syllabus);
            }
        });
        return next;
    }

    public Project project() {
        return analysis.project();
    }

    private Wording wording() {
        Setting setting = project().setting();
        return new Wording(project().directions(), Heading.FRONT, setting.rules());
    }

    /** {@return the form of a lesson; the first one where it is gone} */
    public Form form(Lesson lesson) {
        return project().formOrFirst(lesson.form());
    }

    /** {@return the factors of a lesson: its course's, or the usual ones} */
    public TeachingFactors factors(Lesson lesson) {
        return course(lesson).map(Course::factors).orElse(TeachingFactors.USUAL);
    }

    public Optional<Course> course(Lesson lesson) {
        return lesson.course().flatMap(project()::course);
    }

    /** {@return how long segments of a lesson take, and what is said in them} */
    public SegmentTiming timing(Lesson lesson) {
        return timing(form(lesson), factors(lesson));
    }

    private SegmentTiming timing(Form form, TeachingFactors factors) {
        Track track = analysis.track(form.id()).orElseThrow();
        return timings.computeIfAbsent(
                        new Key(form.id(), factors),
                        _ -> new Timed(track, wording(), new SegmentTiming(teaching(form, track, factors))))
                .timing();
    }

    private Teaching teaching(Form form, Track track, TeachingFactors factors) {
        FormDone done = new FormDone(form, track, way -> done(form, way));
        return new Teaching(done, wording(), language, factors);
    }

    private Track done(Form form, FormDone.Way way) {
        Form versioned = way.version() == Version.GENTLER ? gentler(form) : form;
        Form sided =
                way.side() == Played.OTHER_SIDE ? versioned.mirrored(project().shelf()) : versioned;
        return Unroll.form(sided, project().shelf(), project().posing(form));
    }

    /** Every posture in its first gentler version, where it has one. */
    private Form gentler(Form form) {
        Form gentle = form;
        List<Entry> entries = form.entries();
        for (int i = 0; i < entries.size(); i++) {
            Optional<String> version = project()
                    .posture(entries.get(i).posture())
                    .flatMap(posture -> posture.sheet().gentler().stream().findFirst())
                    .map(first -> first.name());
            if (version.isPresent()) {
                gentle = gentle.change(i, entry -> entry.withGentler(version));
            }
        }
        return gentle;
    }

    public LessonPlan plan(Lesson lesson) {
        return LessonPlan.of(lesson, timing(lesson));
    }

    /** {@return what is spoken to in a lesson, segment after segment: what is moved, once however often it is done} */
    public List<Occurrence> run(Lesson lesson) {
        return lesson.segments().stream()
                .filter(segment -> segment.showing().doing() == Doing.SPOKEN)
                .flatMap(segment -> segment.stretch().stream()
                        .flatMap(stretch -> timing(lesson).teaching().done().done(stretch, segment.showing()).stream()))
                .toList();
    }

    /** {@return what teaching the form of a course takes} */
    public Syllabus syllabus(Course course) {
        return syllabuses.computeIfAbsent(course, one -> {
            Form form = project().formOrFirst(one.form());
            return Syllabus.of(form, analysis.track(form.id()).orElseThrow(), one);
        });
    }

    /** {@return what teaching the form of a lesson takes, at its course's pace or the usual one} */
    public Syllabus syllabus(Lesson lesson) {
        return syllabus(course(lesson).orElseGet(() -> alone(lesson)));
    }

    /** A lesson that belongs to no course, as if it were one of its own. */
    private Course alone(Lesson lesson) {
        return Course.of(new CourseId("alone"), lesson.title(), form(lesson).id(), LocalDate.EPOCH)
                .withMinutes(lesson.minutes());
    }

    /** {@return the seconds of a beat at which a lesson is made} */
    public double secondsPerBeat(Lesson lesson) {
        return course(lesson).orElseGet(() -> alone(lesson)).secondsPerBeat();
    }

    /** {@return the plan of a course: what was taught, and what is left over the lessons that are left} */
    public CoursePlan plan(Course course) {
        Form form = project().formOrFirst(course.form());
        List<Lesson> made = project().lessonsOf(course.id());
        CoursePlan plan = CoursePlan.of(course, syllabus(course), made);
        return plan.fits()
                ? plan
                : CoursePlan.of(course, form, analysis.track(form.id()).orElseThrow(), made);
    }

    /** {@return the lessons of the same course before a lesson, or those before it of no course} */
    public List<Lesson> before(Lesson lesson) {
        return project().lessons().stream()
                .filter(one ->
                        one.course().equals(lesson.course()) && one.form().equals(lesson.form()))
                .takeWhile(one -> !one.id().equals(lesson.id()))
                .toList();
    }

    /** {@return how many units of the form the lessons before have brought, as far as they did so without a gap} */
    public int known(Lesson lesson) {
        Syllabus syllabus = syllabus(lesson);
        List<Lesson> before = before(lesson);
        OptionalInt last = IntStream.range(0, syllabus.units().size())
                .filter(unit -> before.stream()
                        .anyMatch(one ->
                                one.brings().contains(syllabus.units().get(unit).entry())))
                .max();
        return last.orElse(-1) + 1;
    }

    /** {@return when the postures of a form were last done} */
    public Review review(Lesson lesson) {
        return new Review(form(lesson), before(lesson));
    }

    /** {@return the postures that are new in a lesson, each once, in the order of the form} */
    public List<Posture> fresh(Lesson lesson) {
        return syllabus(lesson).units().stream()
                .filter(unit -> lesson.brings().contains(unit.entry()))
                .map(unit -> unit.stretch().getFirst().posture().id())
                .distinct()
                .flatMap(id -> project().posture(id).stream())
                .toList();
    }

    /** {@return the postures that a lesson moves, each once} */
    public List<Posture> postures(Lesson lesson) {
        return plan(lesson).segments().stream()
                .flatMap(segment -> segment.stretch().stream())
                .map(done -> done.posture().id())
                .distinct()
                .flatMap(id -> project().posture(id).stream())
                .toList();
    }
}
