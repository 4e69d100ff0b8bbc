package app.avrel.bench;

import app.avrel.files.Opened;
import app.avrel.files.ProjectText;
import app.avrel.floor.Turn;
import app.avrel.form.Form;
import app.avrel.form.Shelf;
import app.avrel.form.Track;
import app.avrel.form.Unroll;
import app.avrel.form.hall.Hall;
import app.avrel.form.hall.HallPlan;
import app.avrel.form.hall.Pillar;
import app.avrel.motion.Performer;
import app.avrel.posture.PostureId;
import app.avrel.posture.count.Counts;
import app.avrel.project.Analysis;
import app.avrel.project.Project;
import app.avrel.rules.Finding;
import app.avrel.rules.check.Checkup;
import app.avrel.rules.check.FormFindings;
import java.util.List;
import java.util.concurrent.TimeUnit;
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

/** What a keystroke costs in a long form. The bar for 108 entries (about 700 counts) is 16 ms. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(1)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 5, time = 1)
public class FormBenchmark {

    @Param({"108", "216", "432", "1000"})
    public int entries;

    private static final Hall HALL = Hall.of("Hall", 30, 30).withPillars(List.of(new Pillar(6, 6, 0.4)));

    private Project project;
    private Form form;
    private Shelf shelf;
    private Performer posing;
    private Checkup checkup;
    private String text;
    private Analysis known;
    private PostureId edited;

    @Setup
    public void generate() {
        project = GeneratedForm.of(entries);
        form = project.forms().getFirst();
        shelf = project.shelf();
        posing = project.setting().posing();
        checkup = new Checkup(posing, project.setting().directions());
        text = ProjectText.of(project);
        known = Analysis.of(project);
        known.findings();
        edited = form.entries().getFirst().posture();
        System.out.println(Unroll.form(form, shelf, posing).counts() + " counts");
    }

    @Benchmark
    public List<Finding> unrollAndCheck() {
        Track track = Unroll.form(form, shelf, posing);
        return checkup.form(form, track, FormFindings.NONE).all();
    }

    @Benchmark
    public List<Finding> surveyOfTheWholeProject() {
        return Analysis.of(project).findings();
    }

    /** One posture of the form is edited: only it and the forms it is in are looked at again. */
    @Benchmark
    public List<Finding> surveyAfterAnEdit() {
        return known.after(project.changePosture(
                        edited, posture -> posture.withCounts(Counts.duplicate(posture.counts(), 0))))
                .findings();
    }

    /** One entry in the middle is done on its other side: what stands before it is as it was. */
    @Benchmark
    public List<Finding> surveyAfterAnEntryIsTurned() {
        return known.after(project.changeForm(
                        form.id(),
                        of -> of.change(
                                entries / 2,
                                entry -> entry.withPlayed(entry.played().other()))))
                .findings();
    }

    /** The room the form takes in a hall, where to start, how many fit and from where the instructor is seen. */
    @Benchmark
    public HallPlan hall() {
        return HallPlan.of(HALL, form, known.track(form.id()).orElseThrow(), posing.body(), Turn.NONE);
    }

    /** A posture that is in no form is edited. */
    @Benchmark
    public List<Finding> surveyAfterAnEditElsewhere() {
        return known.after(project.withName("Another name")).findings();
    }

    @Benchmark
    public String write() {
        return ProjectText.of(project);
    }

    @Benchmark
    public Opened read() {
        return ProjectText.read(text, "bench");
    }
}
