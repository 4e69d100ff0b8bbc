package app.avrel.cli;

import app.avrel.files.bundle.Bundle;
import app.avrel.files.voice.Voice;
import app.avrel.label.Language;
import app.avrel.project.Project;
import java.io.IOException;
import java.nio.file.Path;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.stream.Stream;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/** Writes a project with its pictures, scripts and sounds as one file. */
@Command(
        name = "bundle",
        description = "Writes a project with its pictures, what is called, and its sounds as one ZIP file.")
final class BundleCommand implements Callable<Integer> {

    @Parameters(index = "0", paramLabel = "FILE", description = "a project, or the word demo")
    private String file;

    @Option(names = "-o", required = true, paramLabel = "OUT.zip", description = "the file to write")
    private Path out;

    @Option(names = "--lang", paramLabel = "en|es|zh", description = "the language", defaultValue = "en")
    private String code;

    @Option(names = "--sound", description = "each form spoken, as a WAV file")
    private boolean sound;

    @Option(names = "--voice", paramLabel = "NAME", description = "which voice; the best there is where none is named")
    private String name;

    @Override
    public Integer call() {
        Optional<Language> language = Stream.of(Language.values())
                .filter(one -> one.code().equals(code))
                .findFirst();
        if (language.isEmpty()) {
            System.err.println("The language is en, es or zh, but it says " + code + ".");
            return Reports.FOUND;
        }
        Optional<Project> project = Reports.project(file);
        Optional<Voice> voice =
                sound ? SpokenStretch.voice(language.get(), Optional.ofNullable(name)) : Optional.empty();
        if (project.isEmpty() || sound && voice.isEmpty()) {
            return Reports.FOUND;
        }
        try {
            new Bundle(project.get(), language.get(), voice).write(out, _ -> {}, () -> false);
            return Reports.FINE;
        } catch (IOException failed) {
            System.err.println("The bundle is not written to " + out + ": " + failed.getMessage() + ".");
            return Reports.FOUND;
        }
    }
}
