package app.avrel.desktop.shell;

import app.avrel.desktop.words.Words;
import app.avrel.files.ProjectFile;
import java.io.File;
import java.nio.file.Path;
import java.util.Optional;
import javafx.stage.FileChooser;
import javafx.stage.Window;

/** Asks with the system's dialogs. */
final class SystemFileChoosing implements FileChoosing {

    private final Window window;

    SystemFileChoosing(Window window) {
        this.window = window;
    }

    private static FileChooser chooser(String title) {
        FileChooser chooser = chooser();
        chooser.setTitle(title);
        chooser.getExtensionFilters()
                .addAll(
                        new FileChooser.ExtensionFilter(
                                Words.of("shell.avrel_projects"), "*" + ProjectFile.ENDING, "*.zip"),
                        new FileChooser.ExtensionFilter(Words.of("shell.all_files"), "*"));
        return chooser;
    }

    @Override
    public Optional<Path> toOpen() {
        return Optional.ofNullable(chooser(Words.of("shell.open_project")).showOpenDialog(window))
                .map(File::toPath);
    }

    @Override
    public Optional<Path> toRead() {
        FileChooser chooser = chooser();
        chooser.setTitle(Words.of("shell.list_names"));
        chooser.getExtensionFilters()
                .addAll(
                        new FileChooser.ExtensionFilter(Words.of("shell.text_tables"), "*.txt", "*.csv", "*.tsv"),
                        new FileChooser.ExtensionFilter(Words.of("shell.all_files"), "*"));
        return Optional.ofNullable(chooser.showOpenDialog(window)).map(File::toPath);
    }

    @Override
    public Optional<Path> toSave(String suggested) {
        FileChooser chooser = chooser(Words.of("shell.save_project"));
        chooser.setInitialFileName(suggested + ProjectFile.ENDING);
        return Optional.ofNullable(chooser.showSaveDialog(window))
                .map(File::toPath)
                .map(SystemFileChoosing::ended);
    }

    @Override
    public Optional<Path> toWriteBundle(String suggested) {
        return write(Words.of("exchange.bundle"), Words.of("exchange.bundles"), suggested, ".zip");
    }

    @Override
    public Optional<Path> toWriteNotes(String suggested) {
        return write(Words.of("shell.write_notes"), Words.of("shell.plain_text"), suggested, ".txt");
    }

    @Override
    public Optional<Path> toWriteSound(String suggested) {
        FileChooser chooser = chooser();
        chooser.setTitle(Words.of("cues.write_sound"));
        chooser.getExtensionFilters().add(new FileChooser.ExtensionFilter(Words.of("shell.sound"), "*.wav"));
        chooser.setInitialFileName(suggested + ".wav");
        return Optional.ofNullable(chooser.showSaveDialog(window)).map(File::toPath);
    }

    @Override
    public Optional<Path> toWriteScript(String suggested) {
        FileChooser chooser = chooser();
        chooser.setTitle(Words.of("common.write_script"));
        chooser.getExtensionFilters()
                .addAll(
                        new FileChooser.ExtensionFilter(Words.of("shell.plain_text"), "*.txt"),
                        new FileChooser.ExtensionFilter(Words.of("shell.markdown"), "*.md"),
                        new FileChooser.ExtensionFilter(Words.of("shell.table"), "*.csv"),
                        new FileChooser.ExtensionFilter(Words.of("shell.captions_webvtt"), "*.vtt"),
                        new FileChooser.ExtensionFilter(Words.of("shell.captions_srt"), "*.srt"));
        chooser.setInitialFileName(suggested + ".txt");
        return Optional.ofNullable(chooser.showSaveDialog(window)).map(File::toPath);
    }

    @Override
    public Optional<Path> toWriteSheet(String suggested) {
        FileChooser chooser = chooser();
        chooser.setTitle(Words.of("shell.export"));
        chooser.getExtensionFilters()
                .addAll(
                        new FileChooser.ExtensionFilter("PDF", "*.pdf"),
                        new FileChooser.ExtensionFilter(Words.of("shell.markdown"), "*.md"),
                        new FileChooser.ExtensionFilter(Words.of("shell.calendar"), "*.ics"),
                        new FileChooser.ExtensionFilter(Words.of("shell.picture_svg"), "*.svg"));
        chooser.setInitialFileName(suggested);
        return Optional.ofNullable(chooser.showSaveDialog(window)).map(File::toPath);
    }

    @Override
    public Optional<Path> toWrite(String suggested) {
        return write(Words.of("shell.write_table"), Words.of("shell.tables"), suggested, ".csv");
    }

    /** A dialog that starts in the folder where people keep their documents. */
    private static FileChooser chooser() {
        FileChooser chooser = new FileChooser();
        File home = new File(System.getProperty("user.home", "."));
        File documents = new File(home, "Documents");
        chooser.setInitialDirectory(documents.isDirectory() ? documents : home.isDirectory() ? home : null);
        return chooser;
    }

    private Optional<Path> write(String title, String kind, String suggested, String ending) {
        FileChooser chooser = chooser();
        chooser.setTitle(title);
        chooser.getExtensionFilters().add(new FileChooser.ExtensionFilter(kind, "*" + ending));
        chooser.setInitialFileName(suggested + ending);
        return Optional.ofNullable(chooser.showSaveDialog(window)).map(File::toPath);
    }

    private static Path ended(Path path) {
        String name = path.getFileName().toString();
        return name.contains(".") ? path : path.resolveSibling(name + ProjectFile.ENDING);
    }
}
