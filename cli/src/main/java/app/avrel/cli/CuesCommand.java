package app.avrel.cli;

import app.avrel.cue.CueOrder;
import app.avrel.cue.CueScript;
import app.avrel.cue.Scripting;
import app.avrel.files.script.ScriptFormat;
import app.avrel.files.script.ScriptOut;
import app.avrel.form.Occurrence;
import app.avrel.project.Project;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/** Prints what is said along a form, a lesson or a posture. */
@Command(name = "cues", description = "Prints what is said along a form, a lesson or a posture, and when.")
final class CuesCommand implements Callable<Integer> {

    @Parameters(index = "0", paramLabel = "FILE", description = "a project, or the word demo")
    private String file;

    @Mixin
    private SpokenStretch stretch = new SpokenStretch();

    @Mixin
    private SpokenHow how = new SpokenHow();

    @Option(
            names = "--format",
            paramLabel = "text|md|csv|vtt|srt|json",
            description = "how it is written",
            defaultValue = "text")
    private String format;

    @Option(names = "--json", description = "the same as --format json")
    private boolean json;

    @Override
    public Integer call() {
        Optional<Project> project = Reports.project(file);
        Optional<CueOrder> order = stretch.language().flatMap(how::order);
        Optional<ScriptFormat> written = ScriptFormat.of(json ? "json" : format);
        if (written.isEmpty()) {
            System.err.println("The format is text, md, csv, vtt, srt or json, but it says " + format + ".");
        }
        if (project.isEmpty() || order.isEmpty() || written.isEmpty()) {
            return Reports.FOUND;
        }
        Optional<List<Occurrence>> track = stretch.of(project.get());
        track.ifPresent(of -> {
            CueScript script =
                    Scripting.of(stretch.before(project.get()), of, order.get(), SpokenStretch.wording(project.get()));
            System.out.print(ScriptOut.of(script, of, written.get()));
        });
        return track.isPresent() ? Reports.FINE : Reports.FOUND;
    }
}
