package app.avrel.desktop.shell;

import app.avrel.desktop.help.HelpSheet;
import app.avrel.desktop.learners.LearnersSheet;
import app.avrel.desktop.parts.Sheet;
import app.avrel.desktop.settings.SettingsSheet;
import javafx.scene.layout.StackPane;

/** The sheets that can be laid over the window from anywhere. */
public final class ShellSheets {

    private final Shell shell;
    private final StackPane root;

    ShellSheets(Shell shell, StackPane root) {
        this.shell = shell;
        this.root = root;
    }

    /** Those who learn, and what to take care of. */
    public void learners() {
        LearnersSheet.open(shell.session(), root);
    }

    /** The keys of the room, the guide, and about. */
    public void help() {
        HelpSheet.open(shell.commands(), root);
    }

    /** The project's frame: directions, bodies, words, house rules. */
    public void settings() {
        SettingsSheet.open(shell.session(), root);
    }

    /** Looks for anything by its name. */
    void find() {
        Palette.open(shell, root);
    }

    /** Puts every sheet away. */
    public void close() {
        root.getChildren().stream()
                .filter(Sheet.class::isInstance)
                .map(Sheet.class::cast)
                .toList()
                .forEach(Sheet::close);
    }
}
