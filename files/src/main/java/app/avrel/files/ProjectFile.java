package app.avrel.files;

import app.avrel.label.Labels;
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
                return new Opened.Refused(Labels.say("keep.is_folder", name));
            }
            if (Files.size(file) > MOST_BYTES) {
                return new Opened.Refused(Labels.say("keep.too_large", name));
            }
            return Bundled.is(file) ? Bundled.read(file, name) : ProjectText.read(Files.readAllBytes(file), name);
        } catch (NoSuchFileException e) {
            return new Opened.Refused(Labels.say("keep.no_file", file));
        } catch (CharacterCodingException e) {
            return new Opened.Refused(Labels.say("keep.no_text", name));
        } catch (IOException e) {
            return new Opened.Refused(Labels.say("keep.not_read", name, reason(e)));
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
            return Optional.of(Labels.say("keep.not_again", name(file), lost.get()));
        }
        try {
            SafeFile.write(file, text);
            return Optional.empty();
        } catch (IOException e) {
            return Optional.of(Labels.say(
                    "keep.not_saved",
                    name(file),
                    String.valueOf(file.toAbsolutePath().getParent()),
                    reason(e)));
        }
    }

    /** Why the text is not the project, if it is not: nothing is replaced by what cannot be read back. */
    private static Optional<String> unlike(Project project, String text) {
        return switch (ProjectText.read(text, "it")) {
            case Opened.Read(Project again, var _) ->
                again.equals(project) ? Optional.empty() : Optional.of(Labels.say("keep.comes_back_otherwise"));
            case Opened.Refused(String message) -> Optional.of(message);
        };
    }

    static String reason(IOException e) {
        return switch (e) {
            case AccessDeniedException refused ->
                refused.getReason() == null ? Labels.say("keep.not_permitted") : refused.getReason();
            case NoSuchFileException _ -> Labels.say("keep.no_folder");
            case FileSystemException other when other.getReason() != null -> other.getReason();
            default -> e.getMessage() == null ? e.getClass().getSimpleName() : e.getMessage();
        };
    }
}
