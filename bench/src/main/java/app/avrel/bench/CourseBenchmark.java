package app.avrel.bench;

import app.avrel.files.Demo;
import app.avrel.label.Language;
import app.avrel.lesson.Lesson;
import app.avrel.lesson.course.Course;
import app.avrel.lesson.course.CoursePlan;
import app.avrel.lesson.course.Planner;
import app.avrel.lesson.course.Syllabus;
import app.avrel.project.Analysis;
import app.avrel.project.Lessons;
import app.avrel.project.Project;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import java.util.stream.IntStream;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** What planning costs: 108 postures over 40 lessons within 100 ms; an edit of a segment within a frame. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(1)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 5, time = 1)
public class CourseBenchmark {

    private static final int POSTURES = 108;
    private static final int LESSONS = 40;

    private final Planner.Task task = task();
    private final Project demo = Demo.project();
    private final Course course = demo.courses().getFirst();
    private final Analysis survey = Analysis.of(demo);
    private final Lessons lessons = worked();
    private final Syllabus syllabus = lessons.syllabus(course);
    private int times = 1;

    private static Planner.Task task() {
        Random random = new Random(108);
        int[] until = new int[POSTURES + 1];
        for (int i = 0; i < POSTURES; i++) {
            until[i + 1] = until[i] + random.nextInt(100, 900);
        }
        return new Planner.Task(
                IntStream.range(0, LESSONS).mapToObj(_ -> 3000).toList(),
                IntStream.range(0, POSTURES)
                        .mapToObj(unit -> unit > 0 && random.nextInt(4) == 0)
                        .toList(),
                IntStream.range(0, LESSONS)
                        .mapToObj(_ -> Optional.<Planner.Cut>empty())
                        .toList(),
                (_, from, to) -> 660 + from * 5 + until[to] - until[from]);
    }

    private Lessons worked() {
        Lessons worked = new Lessons(survey, Language.ENGLISH);
        demo.lessons().forEach(worked::plan);
        return worked;
    }

    /** The exact plan of a long form. */
    @Benchmark
    public Optional<Planner.Plan> longForm() {
        return Planner.plan(task);
    }

    /** The plan of the demo's course, what was taught and missed in it. */
    @Benchmark
    public CoursePlan demoCourse() {
        return CoursePlan.of(course, syllabus, demo.lessonsOf(course.id()));
    }

    /** One more repetition of a segment, and every lesson's minutes after it. */
    @Benchmark
    public double segmentEdited() {
        times = times % 8 + 1;
        Lesson lesson = demo.lessons().get(6);
        Project changed =
                demo.changeLesson(lesson.id(), one -> one.change(5, segment -> segment.withRepetitions(times)));
        List<Lesson> all = changed.lessons();
        Lessons after = lessons.after(survey.after(changed));
        return all.stream().mapToDouble(one -> after.plan(one).seconds()).sum();
    }
}
