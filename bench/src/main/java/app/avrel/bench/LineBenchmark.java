package app.avrel.bench;

import app.avrel.files.Demo;
import app.avrel.floor.Heading;
import app.avrel.label.Language;
import app.avrel.mechanics.Rig;
import app.avrel.mechanics.Skeleton;
import app.avrel.motion.Pose;
import app.avrel.motion.Starting;
import app.avrel.posture.StartPose;
import app.avrel.project.Analysis;
import app.avrel.project.Project;
import app.avrel.words.Wording;
import app.avrel.words.reading.Line;
import app.avrel.words.reading.LineReading;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/**
 * What a keystroke in the typed line costs: reading under 5 ms, all computing for the demo at most 4 ms. It is timed warm:
 * a line goes through so much code that a machine of two cores has compiled it only after some twenty seconds.
 */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(1)
@Warmup(iterations = 10, time = 2)
@Measurement(iterations = 5, time = 1)
public class LineBenchmark {

    private static final String LINE =
            "right heel out to 1, half a shoulder wide, toes to 1:30, then shift 60 right while the"
                    + " waist turns to 12 and the right palm pushes forward at chest height, out-breath, slow, two beats";

    private final Project demo = Demo.project();
    private final Pose pose =
            Starting.of(StartPose.SHOULDER_WIDE, demo.setting().chosenBody());
    private final Line line = new Line(
            Language.ENGLISH,
            new Wording(
                    demo.setting().directions(), Heading.FRONT, demo.setting().rules()),
            demo.setting().chosenBody());

    @Benchmark
    public LineReading readALine() {
        return line.read(LINE, pose);
    }

    @Benchmark
    public Analysis surveyTheDemo() {
        return Analysis.of(demo);
    }

    @Benchmark
    public Skeleton poseTheFigure() {
        return Skeleton.of(
                Rig.of(pose, demo.setting().chosenBody()), demo.setting().chosenBody());
    }
}
