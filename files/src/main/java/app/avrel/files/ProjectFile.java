package app.avrel.files;

import app.avrel.project.Project;
import java.io.IOException;
import java.nio.charset.CharacterCodingException;
import java.nio.file.AccessDeniedException;
import java.nio.file.FileSystemException;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.util.Optional;

/** Projects in files. */
public final class ProjectFile {

    /** The ending of a project's file name. */
    public static final String ENDING = ".avrel";

    private static final long MOST_BYTES = 500_000_000;

    private ProjectFile() {}

    private static String name(Path file) {
        return file.getFileName() == null ? file.toString() : file.getFileName().toString();
    }

    /** {@return the project in a file, or why it cannot be read} */
    public static Opened open(Path file) {
        String name = name(file);
        try {
            if (Files.isDirectory(file)) {
                return new Opened.Refused(name + " is a folder. Choose a file in it.");
            }
            if (Files.size(file) > MOST_BYTES) {
                return new Opened.Refused(
                        name + " is not an Avrel project: it is larger than any could be. Choose a file"
                                + " that Avrel saved. Nothing was changed.");
            }
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
        return save(project, ForeignFields.NONE, file);
    }

    /** Saves a project with what a newer program had written into it. {@return why it could not be saved} */
    public static Optional<String> save(Project project, ForeignFields foreign, Path file) {
        String text = ProjectText.of(project, foreign);
        Optional<String> lost = unlike(project, text);
        if (lost.isPresent()) {
            return Optional.of(name(file) + " is not saved: what would be written could not be opened again ("
                    + lost.get() + "). The file is as it was, and your work is still here: undo the last changes and"
                    + " save again.");
        }
        try {
            SafeFile.write(file, text);
            return Optional.empty();
        } catch (IOException e) {
            return Optional.of(name(file) + " cannot be saved in "
                    + file.toAbsolutePath().getParent() + ": " + reason(e)
                    + ". Choose another place; your work is still here.");
        }
    }

    /** Why the text is not the project, if it is not: nothing is replaced by what cannot be read back. */
    private static Optional<String> unlike(Project project, String text) {
        return switch (ProjectText.read(text, "it")) {
            case Opened.Read(Project again, var _) ->
                again.equals(project) ? Optional.empty() : Optional.of("it comes back other than it is");
            case Opened.Refused(String message) -> Optional.of(message);
        };
    }

    static String reason(IOException e) {
        return switch (e) {
            case AccessDeniedException refused ->
                refused.getReason() == null ? "this is not permitted there" : refused.getReason();
            case NoSuchFileException _ -> "the folder does not exist";
            case FileSystemException other when other.getReason() != null -> other.getReason();
            default -> e.getMessage() == null ? e.getClass().getSimpleName() : e.getMessage();
        };
    }
}
