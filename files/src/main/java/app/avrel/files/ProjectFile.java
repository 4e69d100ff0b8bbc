package app.avrel.files;

import app.avrel.project.Project;
import java.io.IOException;
import java.nio.charset.CharacterCodingException;
import java.nio.file.AccessDeniedException;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.util.Optional;

/** Projects in files. */
public final class ProjectFile {

    /** The ending of a project's file name. */
    public static final String ENDING = ".avrel";

    private ProjectFile() {}

    /** {@return the project in a file, or why it cannot be read} */
    public static Opened open(Path file) {
        String name = file.getFileName().toString();
        try {
            return ProjectText.read(Files.readString(file), name);
        } catch (NoSuchFileException e) {
            return new Opened.Refused("There is no file " + file + ". Check its name and folder.");
        } catch (CharacterCodingException e) {
            return new Opened.Refused(name + " is not an Avrel project: it is not text. Choose a file that Avrel saved."
                    + " Nothing was changed.");
        } catch (IOException e) {
            return new Opened.Refused(name + " cannot be read: " + reason(e) + ". Nothing was changed.");
        }
    }

    /** Saves a project. {@return why it could not be saved; empty where it was} */
    public static Optional<String> save(Project project, Path file) {
        try {
            SafeFile.write(file, ProjectText.of(project));
            return Optional.empty();
        } catch (IOException e) {
            return Optional.of(file.getFileName() + " cannot be saved in "
                    + file.toAbsolutePath().getParent() + ": " + reason(e)
                    + ". Choose another place; your work is still here.");
        }
    }

    static String reason(IOException e) {
        return switch (e) {
            case AccessDeniedException _ -> "this is not permitted there";
            case NoSuchFileException _ -> "the folder does not exist";
            default -> e.getMessage() == null ? e.getClass().getSimpleName() : e.getMessage();
        };
    }
}
