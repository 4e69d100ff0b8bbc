package app.avrel.desktop.shell;

import java.io.File;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import javafx.scene.Node;
import javafx.scene.input.DragEvent;
import javafx.scene.input.TransferMode;

/** Files dropped on the window: a project is opened, notes are read, a table is imported. */
public final class Dropping {

    private static final List<String> NOTES = List.of(".txt", ".md");
    private static final List<String> TABLES = List.of(".csv", ".tsv");

    private final FileActions files;

    public Dropping(FileActions files) {
        this.files = files;
    }

    /** Lets files be dropped on a node. */
    void on(Node node) {
        node.addEventHandler(DragEvent.DRAG_OVER, event -> {
            if (event.getDragboard().hasFiles()) {
                event.acceptTransferModes(TransferMode.COPY);
                event.consume();
            }
        });
        node.addEventHandler(DragEvent.DRAG_DROPPED, event -> {
            List<File> dropped = event.getDragboard().getFiles();
            if (dropped != null && !dropped.isEmpty()) {
                take(dropped.getFirst().toPath());
                event.setDropCompleted(true);
                event.consume();
            }
        });
    }

    /** Takes a file as its name's ending says. */
    public void take(Path path) {
        String name = path.getFileName().toString().toLowerCase(Locale.ROOT);
        if (NOTES.stream().anyMatch(name::endsWith)) {
            files.readNotes(path);
        } else if (TABLES.stream().anyMatch(name::endsWith)) {
            files.tableIn(path);
        } else {
            files.open(path);
        }
    }
}
