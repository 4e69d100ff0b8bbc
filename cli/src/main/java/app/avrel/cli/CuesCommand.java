package app.avrel.cli;

import app.avrel.cue.CueOrder;
import app.avrel.cue.CueScript;
import app.avrel.cue.Scripting;
import app.avrel.cue.Speech;
import app.avrel.cue.SpeechTime;
import app.avrel.files.script.ScriptFormat;
import app.avrel.files.script.ScriptOut;
import app.avrel.files.voice.Voices;
import app.avrel.form.Occurrence;
import app.avrel.label.Language;
import app.avrel.project.Project;
import app.avrel.project.Setting;
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

    @Option(
            names = "--voice",
            paramLabel = "NAME",
            description = "times as this voice speaks them, or best; estimated where none is named")
    private String voice;

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
        Optional<Speech> speech = speech(order.get().language(), project.get().setting());
        Optional<List<Occurrence>> track = speech.flatMap(_ -> stretch.of(project.get()));
        track.ifPresent(of -> {
            CueScript script = Scripting.of(
                    stretch.before(project.get()), of, order.get(), SpokenStretch.wording(project.get()), speech.get());
            System.out.print(ScriptOut.of(script, of, written.get()));
        });
        return track.isPresent() ? Reports.FINE : Reports.FOUND;
    }

    /** How long words take: by a voice where one is named; empty after saying on standard error that there is none. */
    private Optional<Speech> speech(Language language, Setting setting) {
        if (voice == null) {
            return Optional.of(SpeechTime.of(language));
        }
        return SpokenStretch.voice(language, voice.equals("best") ? Optional.empty() : Optional.of(voice))
                .map(found -> Voices.schooled(found, language, setting.sounds()));
    }
}
