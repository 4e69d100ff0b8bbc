package app.avrel.cli;

import app.avrel.project.Project;
import app.avrel.project.notes.NotesOut;
import java.util.Optional;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Parameters;

/** Prints the postures of a project as plain notes. */
@Command(name = "notes", description = "Prints the postures of a project as plain notes, which record reads again.")
final class NotesCommand implements Callable<Integer> {

    @Parameters(index = "0", paramLabel = "FILE", description = "a project, or the word demo")
    private String file;

    @Override
    public Integer call() {
        Optional<Project> project = Reports.project(file);
        project.map(NotesOut::of).ifPresent(System.out::print);
        return project.isPresent() ? Reports.FINE : Reports.FOUND;
    }
}
