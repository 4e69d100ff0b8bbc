package app.avrel.cli;

import app.avrel.files.table.CountTable;
import app.avrel.files.table.EntryTable;
import app.avrel.floor.Directions;
import app.avrel.floor.Numbers;
import app.avrel.form.Form;
import app.avrel.form.Numbering;
import app.avrel.form.Occurrence;
import app.avrel.form.Track;
import app.avrel.project.Analysis;
import app.avrel.project.Project;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;

/** Prints the forms of a project, unrolled. */
@Command(name = "form", description = "Prints the forms of a project, unrolled on the floor.")
final class FormCommand implements Callable<Integer> {

    @Parameters(index = "0", paramLabel = "FILE", description = "a project, or the word demo")
    private String file;

    @Option(names = "--json", description = "print JSON")
    private boolean json;

    @Option(names = "--csv", description = "print the first form, or the one named, as a table with a line an entry")
    private boolean csv;

    @Option(names = "--csv-counts", description = "the same with a line a count")
    private boolean csvCounts;

    @Option(names = "--form", paramLabel = "ID", description = "the form to print as a table")
    private String id;

    private static String number(Numbering.Numbers numbers, Occurrence done) {
        return numbers.first() == 0 ? "" : Integer.toString(numbers.of(done.repeat()));
    }

    @Override
    public Integer call() {
        Optional<Project> project = Reports.project(file);
        if (project.isEmpty()) {
            return Reports.FOUND;
        }
        if (csv || csvCounts) {
            return table(project.get());
        }
        Analysis survey = Analysis.of(project.get());
        ArrayNode all = JsonNodeFactory.instance.arrayNode();
        for (Form form : project.get().forms()) {
            Track track = survey.track(form.id()).orElseThrow();
            if (json) {
                all.add(new FormNodes(project.get(), form, track).all());
            } else {
                print(form, track, project.get());
            }
        }
        if (json) {
            Reports.print(JsonNodeFactory.instance.objectNode().set("forms", all));
        }
        return Reports.FINE;
    }

    private int table(Project project) {
        Optional<Form> form = id == null
                ? project.forms().stream().findFirst()
                : project.forms().stream()
                        .filter(one -> one.id().key().equals(id))
                        .findFirst();
        if (form.isEmpty()) {
            System.err.println("There is no form "
                    + (id == null
                            ? "in this project."
                            : "\"" + id + "\"; there are: "
                                    + String.join(
                                            ", ",
                                            project.forms().stream()
                                                    .map(one -> one.id().key())
                                                    .toList()) + "."));
            return Reports.FOUND;
        }
        System.out.print(csv ? EntryTable.of(project, form.get()) : CountTable.of(project, form.get()));
        return Reports.FINE;
    }

    private static void print(Form form, Track track, Project project) {
        Directions directions = project.directions();
        System.out.println(form.name() + ": " + track.occurrences().size() + " postures, " + track.counts()
                + " counts, " + Numbers.plain(track.beats()) + " beats");
        List<Numbering.Numbers> numbers = project.numbering(form).of(form);
        for (Occurrence done : track.occurrences()) {
            String side = done.posture().side().map(s -> ", " + s.word()).orElse("");
            String join = done.join().fits() ? "" : "   does not join";
            System.out.println("%4s  %s%s, %d counts, facing %s%s"
                    .formatted(
                            number(numbers.get(done.entry()), done),
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
}
