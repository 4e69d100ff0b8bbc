package app.avrel.cli;

import app.avrel.files.ProjectFile;
import app.avrel.label.Language;
import app.avrel.project.Project;
import app.avrel.project.Setting;
import app.avrel.project.notes.NotesIn;
import app.avrel.project.notes.NotesLine;
import java.io.IOException;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Locale;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.stream.Stream;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** Reads plain notes as postures and a form, and says line by line what was understood. */
@Command(
        name = "record",
        description = "Reads plain notes as postures and a form; says line by line what was understood.")
final class RecordCommand implements Callable<Integer> {

    @Parameters(index = "0", paramLabel = "NOTES", description = "a text file with notes, or - for standard input")
    private String file;

    @Option(names = "-o", paramLabel = "FILE", description = "the project file to write")
    private Path output;

    @Option(names = "--json", description = "print one JSON object")
    private boolean json;

    @Option(names = "--lang", paramLabel = "en|es|zh", description = "the language of the notes", defaultValue = "en")
    private String language;

    @Override
    public Integer call() throws IOException {
        Optional<Language> read = Stream.of(Language.values())
                .filter(some -> some.code().equals(language))
                .findFirst();
        if (read.isEmpty()) {
            System.err.println("The language is en, es or zh, but it says " + language + ".");
            return Reports.FOUND;
        }
        Optional<String> notes = text();
        if (notes.isEmpty()) {
            return Reports.FOUND;
        }
        NotesIn.Result result = NotesIn.read(notes.get(), Project.empty("Notes", Setting.USUAL), read.get());
        if (json) {
            Reports.print(node(result));
        } else {
            print(result);
        }
        if (output != null) {
            Optional<String> trouble = ProjectFile.save(result.project(), output);
            trouble.ifPresent(System.err::println);
            if (trouble.isPresent()) {
                return Reports.FOUND;
            }
        }
        boolean whole =
                result.count(NotesLine.Outcome.UNDERSTOOD) == result.lines().size();
        return whole ? Reports.FINE : Reports.FOUND;
    }

    private Optional<String> text() throws IOException {
        if (file.equals("-")) {
            return Optional.of(new String(System.in.readAllBytes(), StandardCharsets.UTF_8));
        }
        Path path = Path.of(file);
        if (!Files.isReadable(path) || Files.isDirectory(path)) {
            System.err.println(
                    "There are no notes to read at " + file + ". Name a text file, or - for standard input.");
            return Optional.empty();
        }
        try {
            return Optional.of(Files.readString(path));
        } catch (CharacterCodingException _) {
            System.err.println(file + " is not plain text in UTF-8. Save the notes as UTF-8 text and read them again.");
            return Optional.empty();
        }
    }

    private static void print(NotesIn.Result result) {
        for (NotesLine line : result.lines()) {
            boolean whole = line.outcome() == NotesLine.Outcome.UNDERSTOOD;
            System.out.printf(Locale.ROOT, "%4d  %s%n", line.number(), line.text());
            if (!whole || !line.text().contains(line.said())) {
                System.out.println("      = " + line.said()
                        + (whole ? "" : "   (" + line.outcome().words() + ")"));
            }
        }
        int postures = result.project().postures().size();
        System.out.printf(
                Locale.ROOT,
                "%d %s; of %d lines %d are understood, %d partly, %d stay as notes.%n",
                postures,
                postures == 1 ? "posture" : "postures",
                result.lines().size(),
                result.count(NotesLine.Outcome.UNDERSTOOD),
                result.count(NotesLine.Outcome.KEPT),
                result.count(NotesLine.Outcome.NOTED));
    }

    private static ObjectNode node(NotesIn.Result result) {
        ObjectNode top = JsonNodeFactory.instance.objectNode();
        ArrayNode lines = top.putArray("lines");
        result.lines()
                .forEach(line -> lines.addObject()
                        .put("number", line.number())
                        .put("text", line.text())
                        .put("kind", line.kind().name().toLowerCase(Locale.ROOT).replace('_', '-'))
                        .put("outcome", line.outcome().name().toLowerCase(Locale.ROOT))
                        .put("said", line.said()));
        top.put("postures", result.project().postures().size());
        top.put("understood", result.count(NotesLine.Outcome.UNDERSTOOD));
        top.put("kept", result.count(NotesLine.Outcome.KEPT));
        top.put("noted", result.count(NotesLine.Outcome.NOTED));
        return top;
    }
}
