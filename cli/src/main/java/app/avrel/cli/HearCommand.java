package app.avrel.cli;

import app.avrel.cue.hear.Hearing;
import app.avrel.cue.hear.Slip;
import app.avrel.files.script.ScriptIn;
import app.avrel.form.Moment;
import app.avrel.form.Occurrence;
import app.avrel.form.Tempo;
import app.avrel.label.Language;
import app.avrel.project.Project;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** Holds a spoken script against what is recorded. */
@Command(
        name = "hear",
        description = "Checks a spoken script (WebVTT, SRT or text; - reads standard input) against what is recorded.")
final class HearCommand implements Callable<Integer> {

    @Parameters(index = "0", paramLabel = "FILE", description = "a project, or the word demo")
    private String file;

    @Parameters(index = "1", paramLabel = "SCRIPT", description = "what was said, or -")
    private String script;

    @Mixin
    private SpokenStretch stretch = new SpokenStretch();

    @Option(names = "--beat", paramLabel = "SECONDS", description = "how long a beat lasts", defaultValue = "4")
    private double secondsPerBeat;

    @Option(names = "--json", description = "print JSON")
    private boolean json;

    @Override
    public Integer call() {
        Optional<Project> project = Reports.project(file);
        Optional<Language> language = stretch.language();
        Optional<String> text = text();
        if (project.isEmpty() || language.isEmpty() || text.isEmpty()) {
            return Reports.FOUND;
        }
        Optional<List<Occurrence>> track = stretch.of(project.get());
        if (track.isEmpty()) {
            return Reports.FOUND;
        }
        Hearing.Report report = Hearing.of(
                ScriptIn.read(text.get()),
                track.get(),
                language.get(),
                project.get().setting().chosenBody(),
                SpokenStretch.wording(project.get()),
                Tempo.ofBeats(secondsPerBeat));
        if (json) {
            Reports.print(node(report, track.get()));
        } else {
            report.slips().forEach(slip -> System.out.println(where(slip, track.get()) + slip.sentence()));
            System.out.println(report.pieces() + " pieces heard, " + report.understood() + " understood, "
                    + report.slips().size() + " to look at.");
        }
        return report.slips().isEmpty() ? Reports.FINE : Reports.FOUND;
    }

    private Optional<String> text() {
        try {
            return Optional.of(
                    script.equals("-")
                            ? new String(System.in.readAllBytes(), StandardCharsets.UTF_8)
                            : Files.readString(Path.of(script)));
        } catch (IOException unreadable) {
            System.err.println("The script " + script + " cannot be read: it must be a text file in UTF-8.");
            return Optional.empty();
        }
    }

    private static String where(Slip slip, List<Occurrence> track) {
        String time = slip.seconds().isPresent()
                ? String.format(Locale.ROOT, "%.1f s, ", slip.seconds().getAsDouble())
                : "";
        Occurrence done = track.get(indexOf(slip, track));
        boolean wayIn = slip.place().section() == Moment.Section.LINK;
        return time + done.posture().name() + ", " + (wayIn ? "way in, " : "") + "count "
                + (slip.place().count() + 1) + ": ";
    }

    private static int indexOf(Slip slip, List<Occurrence> track) {
        for (int i = 0; i < track.size(); i++) {
            if (track.get(i).index() == slip.occurrence()) {
                return i;
            }
        }
        return 0;
    }

    private static ObjectNode node(Hearing.Report report, List<Occurrence> track) {
        ObjectNode top = JsonNodeFactory.instance.objectNode();
        top.put("pieces", report.pieces()).put("understood", report.understood());
        ArrayNode slips = top.putArray("slips");
        for (Slip slip : report.slips()) {
            ObjectNode node = slips.addObject();
            node.put("kind", slip.kind().name().toLowerCase(Locale.ROOT).replace('_', '-'))
                    .put("said", slip.said())
                    .put("piece", slip.piece() + 1)
                    .put("posture", track.get(indexOf(slip, track)).posture().name())
                    .put("occurrence", slip.occurrence() + 1)
                    .put("section", slip.place().section() == Moment.Section.LINK ? "way in" : "posture")
                    .put("count", slip.place().count() + 1)
                    .put("instead", slip.instead())
                    .put("sentence", slip.sentence());
            slip.seconds().ifPresent(seconds -> node.put("seconds", seconds));
        }
        return top;
    }
}
