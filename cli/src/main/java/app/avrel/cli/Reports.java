package app.avrel.cli;

import app.avrel.files.Demo;
import app.avrel.files.Opened;
import app.avrel.files.ProjectFile;
import app.avrel.project.Project;
import java.io.IOException;
import java.nio.file.AccessDeniedException;
import java.nio.file.FileSystemException;
import java.nio.file.InvalidPathException;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.util.Optional;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;

/** Reading a project for a command, and printing what it finds. */
final class Reports {

    static final int FINE = 0;
    static final int FOUND = 1;

    private static final JsonMapper MAPPER =
            JsonMapper.builder().enable(SerializationFeature.INDENT_OUTPUT).build();

    private Reports() {}

    /** {@return the project in a file, or nothing after saying on standard error why not; "demo" is the demo} */
    static Optional<Project> project(String file) {
        if (file.equals("demo")) {
            return Optional.of(Demo.project());
        }
        return switch (opened(file)) {
            case Opened.Read(Project project, var _) -> Optional.of(project);
            case Opened.Refused(String message) -> {
                System.err.println(message);
                yield Optional.empty();
            }
        };
    }

    private static Opened opened(String file) {
        try {
            return ProjectFile.open(Path.of(file));
        } catch (InvalidPathException notHere) {
            return new Opened.Refused("\u201C" + file + "\u201D is no name that a file can have here: "
                    + notHere.getReason() + ". Where it has letters beyond English ones, set LC_ALL=C.UTF-8.");
        }
    }

    /** {@return why something failed, for whoever typed the command} */
    static String reason(Exception failed) {
        String what = String.valueOf(failed.getMessage());
        return switch (failed) {
            case NoSuchFileException _ -> "There is no file or folder " + what + ".";
            case AccessDeniedException _ -> what + " cannot be read or written: this is not permitted there.";
            case FileSystemException _ -> what + ".";
            case IOException _ -> "It could not be read or written: " + what + ".";
            default -> "This failed, and should not have: " + failed + ". Please tell whoever gave you Avrel.";
        };
    }

    static void print(JsonNode node) {
        System.out.println(MAPPER.writeValueAsString(node));
    }
}
