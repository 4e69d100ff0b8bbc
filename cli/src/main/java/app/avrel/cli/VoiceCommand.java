package app.avrel.cli;

import app.avrel.cue.CueOrder;
import app.avrel.cue.CueScript;
import app.avrel.cue.Scripting;
import app.avrel.files.voice.SchooledVoice;
import app.avrel.files.voice.SpokenFile;
import app.avrel.files.voice.Voice;
import app.avrel.files.voice.Voices;
import app.avrel.form.Occurrence;
import app.avrel.label.Language;
import app.avrel.project.Project;
import app.avrel.words.Wording;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/** Speaks a form, a lesson or a posture into a sound file. */
@Command(name = "voice", description = "Speaks a form, a lesson or a posture into a WAV file.")
final class VoiceCommand implements Callable<Integer> {

    @Parameters(index = "0", paramLabel = "FILE", description = "a project, or the word demo")
    private String file;

    @Mixin
    private SpokenStretch stretch = new SpokenStretch();

    @Mixin
    private SpokenHow how = new SpokenHow();

    @Option(names = "-o", required = true, paramLabel = "OUT.wav", description = "where the sound is written")
    private Path out;

    @Option(names = "--voice", paramLabel = "NAME", description = "which voice; the best there is where none is named")
    private String name;

    @Option(names = "--beats", description = "a soft tick for each beat")
    private boolean beats;

    @Option(names = "--tones", description = "a soft tone that rises and falls with the breath")
    private boolean tones;

    @Option(names = "--count-in", paramLabel = "BEATS", description = "so many ticks before the first count, 0 to 16")
    private int countIn;

    @Override
    public Integer call() {
        if (countIn < 0 || countIn > 16) {
            System.err.println("A count-in has 0 to 16 beats, but it says " + countIn + ".");
            return Reports.FOUND;
        }
        Optional<Project> project = Reports.project(file);
        Optional<Language> language = stretch.language();
        Optional<CueOrder> order = language.flatMap(how::order);
        if (project.isEmpty() || order.isEmpty()) {
            return Reports.FOUND;
        }
        Optional<List<Occurrence>> track = stretch.of(project.get());
        Optional<Voice> voice = SpokenStretch.voice(language.get(), Optional.ofNullable(name));
        if (track.isEmpty() || voice.isEmpty()) {
            return Reports.FOUND;
        }
        return write(project.get(), track.get(), order.get(), voice.get());
    }

    private int write(Project project, List<Occurrence> track, CueOrder order, Voice voice) {
        SchooledVoice schooled =
                Voices.schooled(voice, order.language(), project.setting().sounds());
        List<Occurrence> before = stretch.before(project);
        Wording wording = SpokenStretch.wording(project);
        schooled.learn(Scripting.of(before, track, order, wording), _ -> {}, () -> false);
        CueScript script = Scripting.of(before, track, order, wording, schooled);
        try {
            SpokenFile.write(
                    script,
                    track,
                    schooled,
                    order.language(),
                    new SpokenFile.Beside(beats, tones, countIn, order.tempo()),
                    out,
                    _ -> {},
                    () -> false);
            System.out.printf(Locale.ROOT, "%s: %.0f s, spoken by %s.%n", out, script.seconds(), voice.name());
            return Reports.FINE;
        } catch (IOException failed) {
            System.err.println("The sound is not written to " + out + ": " + failed.getMessage() + ".");
            return Reports.FOUND;
        }
    }
}
