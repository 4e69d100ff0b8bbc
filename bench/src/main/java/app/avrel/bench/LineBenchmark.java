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
import app.avrel.words.lexicon.TaughtWord;
import app.avrel.words.reading.Line;
import app.avrel.words.reading.LineReading;
import java.util.concurrent.TimeUnit;
import java.util.stream.IntStream;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/**
 * What a keystroke in the typed line costs: reading 25 words under 1 ms, all computing for the demo at most 4 ms. It is timed warm:
 * a line goes through so much code that a machine of two cores has compiled it only after some twenty seconds.
 */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(1)
@Warmup(iterations = 10, time = 2)
@Measurement(iterations = 5, time = 1)
public class LineBenchmark {

    /** Lines of 25 words each: the step of a posture, a hand that passes two places, a foot taken round in order. */
    @Param({
        "right heel out to 1, half a shoulder wide, then shift 60 right while the waist turns to 12 and the right palm"
                + " pushes forward",
        "the left hand floats up past the ear and comes to rest above the crown of the head, then the left heel leaves"
                + " the floor",
        "first lift the right toes, then look to one, turn the foot on the heel out to one, while the weight stays on"
                + " the left"
    })
    String typed = "";

    /** How many words of its own the school has taught; the last of them is looked for as long as the first. */
    @Param({"0", "1000"})
    int ownWords;

    private final Project demo = Demo.project();
    private final Pose pose =
            Starting.of(StartPose.SHOULDER_WIDE, demo.setting().chosenBody());
    private Line line = line(0);

    private Line line(int words) {
        Wording saying = new Wording(
                demo.setting().directions(), Heading.FRONT, demo.setting().rules());
        return new Line(Language.ENGLISH, saying, demo.setting().chosenBody())
                .knowing(IntStream.range(0, words)
                        .mapToObj(i -> new TaughtWord(Language.ENGLISH, "own word " + i, "left palm forward"))
                        .toList());
    }

    @Setup
    public void teach() {
        line = line(ownWords);
    }

    @Benchmark
    public LineReading readALine() {
        return line.read(typed, pose);
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
