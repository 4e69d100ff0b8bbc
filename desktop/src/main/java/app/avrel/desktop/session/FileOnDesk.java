package app.avrel.desktop.session;

import app.avrel.files.FileStamp;
import app.avrel.files.ForeignFields;
import app.avrel.files.Opened;
import app.avrel.files.ProjectFile;
import app.avrel.files.SafeFile;
import app.avrel.project.Project;
import java.io.IOException;
import java.nio.file.Path;
import java.util.Optional;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;

/** The file of the open project: what is in it as far as is known here, and whether somebody else has changed it since. */
final class FileOnDesk {

    private final ReadOnlyObjectWrapper<Optional<Path>> path = new ReadOnlyObjectWrapper<>(Optional.empty());
    private Project saved;
    private ForeignFields foreign;
    private Optional<FileStamp> stamp = Optional.empty();

    /** A project that was read; {@link #begin} says from where. */
    FileOnDesk(Opened.Read read) {
        saved = read.project();
        foreign = read.foreign();
    }

    /** Begins anew with what was read. */
    void begin(Opened.Read read, Optional<Path> from) {
        saved = read.project();
        foreign = read.foreign();
        stamp = from.flatMap(FileStamp::of);
        path.set(from);
    }

    /** Counts nothing as saved: the project was left behind by a program that was stopped. */
    void leftBehind(Project project, Optional<String> base) {
        saved = Project.empty("", project.setting());
        base.ifPresent(digest -> stamp = Optional.of(FileStamp.ofDigest(digest)));
    }

    /** Counts what somebody else has made of the file as read here. */
    void readAgain(Opened.Read theirs) {
        saved = theirs.project();
        foreign = theirs.foreign();
        stamp = path.get().flatMap(FileStamp::of);
    }

    ReadOnlyObjectProperty<Optional<Path>> path() {
        return path.getReadOnlyProperty();
    }

    Project saved() {
        return saved;
    }

    /** {@return the digest of what the file held when it was read or saved here} */
    Optional<String> base() {
        return stamp.map(FileStamp::digest);
    }

    /** {@return whether somebody else may have changed the file: a quick look} */
    boolean touched() {
        return path.get()
                .filter(file -> stamp.filter(was -> was.touched(file)).isPresent())
                .isPresent();
    }

    /** {@return what somebody else has made of the file since; empty where nothing} */
    Optional<Opened> changed() {
        return path.get()
                .filter(file -> stamp.filter(was -> was.changed(file)).isPresent())
                .map(ProjectFile::open);
    }

    /** Writes a project. {@return why it could not be written; empty where it was} */
    Optional<String> write(Project project, Path to) {
        Optional<String> refused = ProjectFile.save(project, foreign, to);
        if (refused.isEmpty()) {
            saved = project;
            stamp = FileStamp.of(to);
            path.set(Optional.of(to));
        }
        return refused;
    }

    /** Keeps what stands in a file beside it. {@return why that cannot be; empty where it is kept} */
    static Optional<String> keepBeside(Path file) {
        try {
            SafeFile.aside(file);
            return Optional.empty();
        } catch (IOException e) {
            return Optional.of(file + ": " + e.getMessage());
        }
    }
}
