package app.avrel.desktop.shots;

import app.avrel.desktop.shell.FileChoosing;
import java.nio.file.Path;
import java.util.Optional;

/** For a window that nobody sits before: every question for a file is left unanswered. */
final class NoFiles implements FileChoosing {

    @Override
    public Optional<Path> toWriteBundle(String suggested) {
        return Optional.empty();
    }

    @Override
    public Optional<Path> toWriteSheet(String suggested) {
        return Optional.empty();
    }

    @Override
    public Optional<Path> toOpen() {
        return Optional.empty();
    }

    @Override
    public Optional<Path> toRead() {
        return Optional.empty();
    }

    @Override
    public Optional<Path> toSave(String suggested) {
        return Optional.empty();
    }

    @Override
    public Optional<Path> toWriteNotes(String suggested) {
        return Optional.empty();
    }

    @Override
    public Optional<Path> toWriteSound(String suggested) {
        return Optional.empty();
    }

    @Override
    public Optional<Path> toWriteScript(String suggested) {
        return Optional.empty();
    }

    @Override
    public Optional<Path> toWrite(String suggested) {
        return Optional.empty();
    }
}
