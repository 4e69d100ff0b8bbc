package app.avrel.cli;

import app.avrel.project.Analysis;
import app.avrel.project.Project;
import app.avrel.rules.Finding;
import app.avrel.rules.Where;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.stream.Stream;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** Prints the findings of a project. */
@Command(name = "check", description = "Prints what was found in a project.")
final class CheckCommand implements Callable<Integer> {

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
        formsGone(project.get());
        Analysis survey = Analysis.of(project.get());
        if (json) {
            Reports.print(nodes(survey));
        } else {
            print(survey);
        }
        return survey.serious().isEmpty() ? Reports.FINE : Reports.FOUND;
    }

    /** Lessons are planned over another form where theirs is gone: that is said, so that nobody wonders. */
    private static void formsGone(Project project) {
        Stream.concat(
                        project.courses().stream()
                                .flatMap(course -> said(course.name(), project.standsIn(course.form()))),
                        project.lessons().stream()
                                .filter(lesson -> lesson.course().isEmpty())
                                .flatMap(lesson -> said(lesson.title(), project.standsIn(lesson.form()))))
                .forEach(System.err::println);
    }

    private static Stream<String> said(String where, Optional<String> what) {
        return what.map(words -> where + ": " + words).stream();
    }

    private static void print(Analysis survey) {
        for (Finding finding : survey.findings()) {
            System.out.println(finding.severity().word() + ": " + Places.words(finding.where(), survey.project()) + ": "
                    + finding.whole());
        }
        if (survey.findings().isEmpty()) {
            System.out.println("Nothing was found.");
        }
    }

    private static ObjectNode nodes(Analysis survey) {
        ObjectNode top = JsonNodeFactory.instance.objectNode();
        ArrayNode all = top.putArray("findings");
        for (Finding finding : survey.findings()) {
            ObjectNode node = all.addObject()
                    .put("rule", finding.rule().key())
                    .put("severity", finding.severity().word());
            switch (finding.where()) {
                case Where.InPosture(var id, var count) -> {
                    node.put("posture", id.key());
                    count.ifPresent(at -> node.put("count", at + 1));
                }
                case Where.InForm(var form, int entry, var count) -> {
                    node.put("form", form.key()).put("entry", entry + 1);
                    count.ifPresent(at -> node.put("linkCount", at + 1));
                }
            }
            node.put("headline", finding.headline())
                    .put("sentence", finding.whole())
                    .put("why", finding.why());
            finding.spot().ifPresent(spot -> node.put("part", spot.words()));
            survey.fix(finding).ifPresent(fix -> node.put("fix", fix.words()));
        }
        ArrayNode standing = top.putArray("accepted");
        for (Finding finding : survey.standing()) {
            standing.addObject()
                    .put("rule", finding.rule().key())
                    .put("sentence", finding.whole())
                    .put("reason", survey.project().reason(finding).orElseThrow());
        }
        return top;
    }
}
