package app.avrel.desktop.door;

import app.avrel.body.Side;
import app.avrel.floor.Directions;
import app.avrel.floor.FloorPoint;
import app.avrel.floor.Numbers;
import app.avrel.form.Form;
import app.avrel.form.Mismatch;
import app.avrel.form.Occurrence;
import app.avrel.form.Totals;
import app.avrel.form.Track;
import app.avrel.motion.CentreOfMass;
import app.avrel.project.Project;
import app.avrel.project.Survey;
import app.avrel.rules.JoinWords;
import java.util.Optional;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** Prints the forms of a project, unrolled. */
@Command(name = "form", description = "Prints the forms of a project, unrolled on the floor.")
final class FormCommand implements Callable<Integer> {

    @Parameters(index = "0", paramLabel = "FILE", description = "a project, or the word demo")
    private String file;

    @Option(names = "--json", description = "print JSON")
    private boolean json;

    @Override
    public Integer call() {
        Optional<Project> project = Reports.project(file);
        if (project.isEmpty()) {
            return Reports.FOUND;
        }
        Survey survey = Survey.of(project.get());
        ArrayNode all = JsonNodeFactory.instance.arrayNode();
        for (Form form : project.get().forms()) {
            Track track = survey.track(form.id()).orElseThrow();
            if (json) {
                all.add(nodes(form, track, project.get()));
            } else {
                print(form, track, project.get());
            }
        }
        if (json) {
            Reports.print(JsonNodeFactory.instance.objectNode().set("forms", all));
        }
        return Reports.FINE;
    }

    private static void print(Form form, Track track, Project project) {
        Directions directions = project.setting().directions();
        System.out.println(form.name() + ": " + track.occurrences().size() + " postures, " + track.counts()
                + " counts, " + Numbers.plain(track.beats()) + " beats");
        int number = 1;
        for (Occurrence done : track.occurrences()) {
            String side = done.posture().side().map(s -> ", " + s.word()).orElse("");
            String join = done.join().fits() ? "" : "   does not join";
            System.out.println("%3d  %s%s, %d counts, facing %s%s"
                    .formatted(
                            number++,
                            done.posture().name(),
                            side,
                            done.counts(),
                            directions.say(done.end().facing()),
                            join));
        }
        System.out.println("net turn " + Numbers.plain(track.netTurn().degrees()) + "°, "
                + (track.placed()
                        ? Numbers.plain(track.offset().length()) + " m from start to end"
                        : "where it ends is open"));
    }

    private static ObjectNode nodes(Form form, Track track, Project project) {
        ObjectNode top = JsonNodeFactory.instance.objectNode();
        top.put("form", form.id().key()).put("name", form.name());
        ArrayNode entries = top.putArray("entries");
        JoinWords words = new JoinWords(project.setting().chosenBody());
        int number = 1;
        for (Occurrence done : track.occurrences()) {
            ObjectNode node = entries.addObject();
            node.put("number", number++).put("entry", done.entry() + 1);
            node.put("posture", done.posture().id().key())
                    .put("name", done.posture().name());
            done.posture().side().ifPresent(side -> node.put("side", side.word()));
            node.put("counts", done.posture().counts().size());
            node.put("linkCounts", done.link().counts().size());
            node.put("facing_deg", rounded(done.end().facing().degrees()));
            node.put("facing", project.setting().directions().say(done.end().facing()));
            FloorPoint at = CentreOfMass.of(done.end(), project.setting().chosenBody());
            node.putArray("position_m").add(rounded(at.right())).add(rounded(at.ahead()));
            ArrayNode join = node.putArray("join");
            for (Mismatch mismatch : done.join().mismatches()) {
                join.add(words.sentence(mismatch));
            }
        }
        ObjectNode totals = top.putObject("totals");
        totals.put("entries", track.occurrences().size())
                .put("counts", track.counts())
                .put("beats", track.beats());
        totals(totals, Totals.of(track.occurrences(), project.setting().chosenBody()));
        top.put("net_turn_deg", rounded(track.netTurn().degrees()));
        if (track.placed()) {
            top.putArray("offset_m")
                    .add(rounded(track.offset().right()))
                    .add(rounded(track.offset().ahead()));
        }
        return top;
    }

    private static void totals(ObjectNode node, Totals totals) {
        node.put("measures", rounded(totals.measures()))
                .put("left_leg_pct", rounded(totals.share(Side.LEFT) * 100))
                .put("one_legged_measures", rounded(totals.oneLegged()))
                .put("longest_one_legged_measures", rounded(totals.longestOneLegged()))
                .put("low_measures", rounded(totals.low()))
                .put("kicks", totals.kicks())
                .put("turned_left_deg", rounded(totals.turnedLeft()))
                .put("turned_right_deg", rounded(totals.turnedRight()))
                .put("breaths_repeated", totals.breathsRepeated());
    }

    private static double rounded(double number) {
        return Math.round(number * 1000) / 1000.0;
    }
}
