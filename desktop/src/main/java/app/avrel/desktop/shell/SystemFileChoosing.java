package app.avrel.desktop.shell;

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
                        new FileChooser.ExtensionFilter("Avrel projects", "*" + ProjectFile.ENDING),
                        new FileChooser.ExtensionFilter("All files", "*"));
        return chooser;
    }

    @Override
    public Optional<Path> toOpen() {
        return Optional.ofNullable(chooser("Open a project").showOpenDialog(window))
                .map(File::toPath);
    }

    @Override
    public Optional<Path> toRead() {
        FileChooser chooser = chooser();
        chooser.setTitle("A list of names");
        chooser.getExtensionFilters()
                .addAll(
                        new FileChooser.ExtensionFilter("Text and tables", "*.txt", "*.csv", "*.tsv"),
                        new FileChooser.ExtensionFilter("All files", "*"));
        return Optional.ofNullable(chooser.showOpenDialog(window)).map(File::toPath);
    }

    @Override
    public Optional<Path> toSave(String suggested) {
        FileChooser chooser = chooser("Save the project");
        chooser.setInitialFileName(suggested + ProjectFile.ENDING);
        return Optional.ofNullable(chooser.showSaveDialog(window))
                .map(File::toPath)
                .map(SystemFileChoosing::ended);
    }

    @Override
    public Optional<Path> toWriteNotes(String suggested) {
        return write("Write notes", "Plain text", suggested, ".txt");
    }

    @Override
    public Optional<Path> toWriteScript(String suggested) {
        FileChooser chooser = chooser();
        chooser.setTitle("Write the script");
        chooser.getExtensionFilters()
                .addAll(
                        new FileChooser.ExtensionFilter("Plain text", "*.txt"),
                        new FileChooser.ExtensionFilter("Markdown", "*.md"),
                        new FileChooser.ExtensionFilter("Table", "*.csv"),
                        new FileChooser.ExtensionFilter("Captions, WebVTT", "*.vtt"),
                        new FileChooser.ExtensionFilter("Captions, SRT", "*.srt"));
        chooser.setInitialFileName(suggested + ".txt");
        return Optional.ofNullable(chooser.showSaveDialog(window)).map(File::toPath);
    }

    @Override
    public Optional<Path> toWriteSheet(String suggested) {
        FileChooser chooser = chooser();
        chooser.setTitle("Export");
        chooser.getExtensionFilters()
                .addAll(
                        new FileChooser.ExtensionFilter("PDF", "*.pdf"),
                        new FileChooser.ExtensionFilter("Markdown", "*.md"),
                        new FileChooser.ExtensionFilter("Calendar", "*.ics"),
                        new FileChooser.ExtensionFilter("Picture, SVG", "*.svg"));
        chooser.setInitialFileName(suggested);
        return Optional.ofNullable(chooser.showSaveDialog(window)).map(File::toPath);
    }

    @Override
    public Optional<Path> toWrite(String suggested) {
        return write("Write a table", "Tables", suggested, ".csv");
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
