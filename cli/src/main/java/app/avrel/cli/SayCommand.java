package app.avrel.cli;

import app.avrel.files.Demo;
import app.avrel.files.ProjectText;
import app.avrel.floor.Directions;
import app.avrel.floor.FloorPoint;
import app.avrel.floor.Heading;
import app.avrel.floor.NamedPlace;
import app.avrel.form.Unroll;
import app.avrel.label.Language;
import app.avrel.motion.Performer;
import app.avrel.motion.Pose;
import app.avrel.motion.Starting;
import app.avrel.posture.Posture;
import app.avrel.posture.PostureId;
import app.avrel.posture.Start;
import app.avrel.posture.StartPose;
import app.avrel.posture.count.Count;
import app.avrel.project.Project;
import app.avrel.project.Setting;
import app.avrel.rules.Finding;
import app.avrel.rules.check.Checkup;
import app.avrel.words.Wording;
import app.avrel.words.reading.Line;
import app.avrel.words.reading.LineReading;
import app.avrel.words.reading.Standings;
import app.avrel.words.reading.frame.Earlier;
import app.avrel.words.say.Saying;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/** Reads typed lines and prints what they were understood to say. */
@Command(name = "say", description = "Reads a typed line as the moves of a count; - reads lines from standard input.")
final class SayCommand implements Callable<Integer> {

    @Parameters(index = "0", arity = "1..*", paramLabel = "LINE", description = "what one would type, or -")
    private List<String> words;

    @Option(names = "--lang", paramLabel = "en|es|zh", description = "the language of the line", defaultValue = "en")
    private String language;

    @Option(
            names = "--from",
            paramLabel = "POSTURE-or-stance",
            description = "how one stands before: a posture's end, a stance such as \"one-legged, right foot up\","
                    + " or a line that leads there")
    private String from;

    @Option(
            names = "--after",
            paramLabel = "LINE",
            description = "a line recorded before this one, to which it may point back; may be given again")
    private List<String> before = List.of();

    @Option(
            names = "--place",
            paramLabel = "NAME=DIRECTION",
            description = "a thing of the hall and where it is, such as \"window=left wall\"; may be given again")
    private Map<String, String> places = Map.of();

    @Option(names = "--json", description = "print one JSON object a line")
    private boolean json;

    private final List<Earlier> earlier = new ArrayList<>();
    private final Setting setting = Setting.USUAL;
    private final Performer posing = setting.posing();

    @Override
    public Integer call() throws IOException {
        Optional<Language> read = language();
        if (read.isEmpty()) {
            System.err.println("The language is en, es or zh, but it says " + language + ".");
            return Reports.FOUND;
        }
        Optional<String> lost = places.values().stream()
                .filter(said -> setting.directions().parse(said).isEmpty())
                .findFirst();
        if (lost.isPresent()) {
            System.err.println(
                    "“" + lost.get() + "” is no direction: say a wall, an hour, a compass point or degrees.");
            return Reports.FOUND;
        }
        Optional<Pose> start = start();
        if (start.isEmpty()) {
            System.err.println("“" + from + "” is no posture of the demo, no stance and no line that is understood.");
            return Reports.FOUND;
        }
        Pose stands = start.get();
        for (String line : before) {
            LineReading reading = line(read.get()).read(line, stands);
            earlier.add(new Earlier(reading.count(), stands));
            stands = reading.after();
        }
        boolean fine = true;
        if (words.equals(List.of("-"))) {
            BufferedReader in = new BufferedReader(new InputStreamReader(System.in, StandardCharsets.UTF_8));
            for (String line = in.readLine(); line != null; line = in.readLine()) {
                fine &= line.isBlank() || say(line, read.get(), stands);
            }
        } else {
            fine = say(String.join(" ", words), read.get(), stands);
        }
        return fine ? Reports.FINE : Reports.FOUND;
    }

    private Optional<Language> language() {
        return switch (language) {
            case "en" -> Optional.of(Language.ENGLISH);
            case "es" -> Optional.of(Language.SPANISH);
            case "zh" -> Optional.of(Language.CHINESE);
            default -> Optional.empty();
        };
    }

    private Optional<Pose> start() {
        Pose usual = Starting.of(StartPose.SHOULDER_WIDE, posing.body());
        if (from == null || from.isBlank()) {
            return Optional.of(usual);
        }
        Project demo = Demo.project();
        Optional<Pose> posture = demo.postures().stream()
                .filter(some ->
                        some.names().stream().anyMatch(name -> name.written().equalsIgnoreCase(from))
                                || some.id().key().equals(from))
                .findFirst()
                .map(some -> Unroll.posture(some, posing).end().own());
        return posture.or(() -> new Standings(saying(), posing.body()).find(from, usual));
    }

    private Directions directions() {
        Directions usual = setting.directions();
        return usual.withPlaces(places.entrySet().stream()
                .map(place -> new NamedPlace(
                        place.getKey(), usual.parse(place.getValue()).orElseThrow()))
                .toList());
    }

    private Wording saying() {
        return new Wording(directions(), Heading.FRONT, setting.rules());
    }

    private Line line(Language read) {
        return new Line(read, saying(), posing.body()).following(earlier);
    }

    private boolean say(String line, Language read, Pose start) {
        LineReading reading = line(read).read(line, start);
        List<Finding> findings = findings(reading.count(), start);
        if (json) {
            System.out.println(
                    ProjectText.compact(SayNodes.of(reading, findings, Saying.exact(read, saying()), posing.body())));
        } else {
            print(reading, findings);
        }
        reading.refusals().forEach(refusal -> System.err.println(refusal.message()));
        return reading.understood();
    }

    /** The findings of a posture that starts so and has this one count. */
    private List<Finding> findings(Count count, Pose start) {
        Pose turned = start.turned(FloorPoint.ORIGIN, start.chest().value().mirrored());
        Posture posture = Posture.blank(new PostureId("line"), "Line")
                .withStart(new Start.Recorded(Starting.startingFrom(turned, posing.body())))
                .withCounts(List.of(count));
        return new Checkup(posing, setting.directions()).posture(Unroll.posture(posture, posing));
    }

    private void print(LineReading reading, List<Finding> findings) {
        System.out.println(Saying.exact(language().orElseThrow(), saying()).line(reading.count()));
        reading.mended().forEach(slip -> System.out.println("(" + slip.typed() + " is read as " + slip.read() + ")"));
        reading.questions()
                .forEach(question -> System.out.println("? " + question.word() + ": "
                        + question.question() + " "
                        + String.join(
                                " / ",
                                question.choices().stream()
                                        .map(choice -> choice.label())
                                        .toList())));
        findings.forEach(finding -> System.out.println(finding.severity().word() + ": " + finding.whole()));
    }
}
