package app.avrel.desktop.door;

import app.avrel.cue.CueOrder;
import app.avrel.cue.CueScript;
import app.avrel.cue.Scripting;
import app.avrel.files.script.ScriptFormat;
import app.avrel.files.script.ScriptOut;
import app.avrel.form.Occurrence;
import app.avrel.posture.count.CueLevel;
import app.avrel.posture.count.Language;
import app.avrel.project.Project;
import app.avrel.words.say.Layer;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.stream.Stream;
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

    @Option(
            names = "--level",
            paramLabel = "explain|guide|prompt|count|ladder",
            description = "how much is said; ladder: shorter each time",
            defaultValue = "ladder")
    private String level;

    @Option(
            names = "--layer",
            paramLabel = "everything|feet|feet-and-body|hands|breath",
            description = "what of it is said",
            defaultValue = "everything")
    private String layer;

    @Option(names = "--beat", paramLabel = "SECONDS", description = "how long a beat lasts", defaultValue = "4")
    private double secondsPerBeat;

    @Option(
            names = "--lead",
            paramLabel = "SECONDS",
            description = "how long before its movement a call ends",
            defaultValue = "1")
    private double lead;

    @Option(names = "--calls", paramLabel = "NUMBER", description = "most calls a count", defaultValue = "2")
    private int calls;

    @Option(names = "--numbers", description = "tell the counts by number")
    private boolean numbers;

    @Option(names = "--no-names", description = "leave the names out")
    private boolean noNames;

    @Option(names = "--no-breath", description = "leave the breath out")
    private boolean noBreath;

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
        Optional<Language> language = stretch.language();
        Optional<ScriptFormat> written = ScriptFormat.of(json ? "json" : format);
        Optional<Layer> said = constant(Layer.values(), layer);
        Optional<CueLevel> much = constant(CueLevel.values(), level);
        if (written.isEmpty()) {
            System.err.println("The format is text, md, csv, vtt, srt or json, but it says " + format + ".");
        }
        if (said.isEmpty()) {
            System.err.println(
                    "The layer is everything, feet, feet-and-body, hands or breath, but it says " + layer + ".");
        }
        boolean ladder = level.equals("ladder");
        if (much.isEmpty() && !ladder) {
            System.err.println("The level is explain, guide, prompt, count or ladder, but it says " + level + ".");
        }
        if (project.isEmpty()
                || language.isEmpty()
                || written.isEmpty()
                || said.isEmpty()
                || much.isEmpty() && !ladder) {
            return Reports.FOUND;
        }
        Optional<List<Occurrence>> track = stretch.of(project.get());
        if (track.isEmpty()) {
            return Reports.FOUND;
        }
        return print(project.get(), track.get(), language.get(), said.get(), much, written.get());
    }

    private int print(
            Project project,
            List<Occurrence> track,
            Language language,
            Layer said,
            Optional<CueLevel> much,
            ScriptFormat written) {
        try {
            CueOrder order =
                    new CueOrder(language, much, said, secondsPerBeat, lead, calls, !noNames, true, numbers, !noBreath);
            CueScript script = Scripting.of(track, order, SpokenStretch.wording(project));
            System.out.print(ScriptOut.of(script, track, written));
            return Reports.FINE;
        } catch (IllegalArgumentException wrong) {
            System.err.println(wrong.getMessage() + ".");
            return Reports.FOUND;
        }
    }

    private static <E extends Enum<E>> Optional<E> constant(E[] all, String word) {
        String key = word.replace('-', '_').toUpperCase(Locale.ROOT);
        return Stream.of(all).filter(one -> one.name().equals(key)).findFirst();
    }
}
