package app.avrel.desktop.shell;

import app.avrel.desktop.parts.Tips;
import app.avrel.desktop.session.Session;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.RadioMenuItem;
import javafx.scene.control.SeparatorMenuItem;
import javafx.scene.input.KeyCombination;
import org.kordamp.ikonli.feather.Feather;
import org.kordamp.ikonli.javafx.FontIcon;

/** The menu at the left of the head. */
final class MainMenu {

    private final MenuButton button = new MenuButton();
    private final Shell shell;
    private final FileActions files;
    private final Preferences preferences;

    MainMenu(Shell shell, FileActions files, Preferences preferences) {
        this.shell = shell;
        this.files = files;
        this.preferences = preferences;
        button.setGraphic(new FontIcon(Feather.MENU));
        button.getStyleClass().addAll("flat", "main-menu");
        Tips.give(button, "Menu");
        button.getItems().add(new MenuItem());
        button.setOnShowing(_ -> button.getItems().setAll(items()));
    }

    MenuButton button() {
        return button;
    }

    private List<MenuItem> items() {
        Session session = shell.session();
        return List.of(
                item("New project…", "Ctrl+N", files::create),
                item("Open…", "Ctrl+O", files::open),
                recent(),
                item("Open the demo", "", files::openDemo),
                item("Save", "Ctrl+S", files::save),
                item("Save as…", "Ctrl+Shift+S", files::saveAs),
                new SeparatorMenuItem(),
                step("Undo", session.undoable(), "Ctrl+Z", session::undo),
                step("Redo", session.redoable(), "Ctrl+Shift+Z", session::redo),
                new SeparatorMenuItem(),
                item(
                        "Find anything…",
                        "Ctrl+K",
                        () -> Palette.open(shell, (javafx.scene.layout.StackPane) shell.root())),
                item("Findings", "F8", shell::toggleFindings),
                item("In the hall…", "F11", shell::openHall),
                item("Import a list of names…", "Ctrl+Shift+B", files::bringIn),
                item("Read notes…", "Ctrl+Alt+N", files::readNotes),
                item("Write the postures as notes…", "", files::writeNotes),
                item("Import from another project…", "Ctrl+Shift+F", files::bringOver),
                tables(),
                item("Learners…", "Ctrl+U", shell::openLearners),
                item("Settings…", "Ctrl+Comma", shell::openSettings),
                item(
                        preferences.dark() ? "Light theme" : "Dark theme",
                        "Ctrl+Shift+L",
                        () -> shell.dark(!preferences.dark())),
                textSizes(),
                new SeparatorMenuItem(),
                item("Help…", "F1", shell::openHelp),
                item("Quit", "Ctrl+Q", files::quit));
    }

    private static MenuItem step(String words, Optional<String> what, String key, Runnable action) {
        MenuItem item = item(words + what.map(name -> ": " + name).orElse(""), key, action);
        item.setDisable(what.isEmpty());
        return item;
    }

    private static MenuItem item(String words, String key, Runnable action) {
        MenuItem item = new MenuItem(words);
        item.setMnemonicParsing(false);
        item.setOnAction(_ -> action.run());
        if (!key.isEmpty()) {
            item.setAccelerator(KeyCombination.valueOf(key.replace("Ctrl", "Shortcut")));
        }
        return item;
    }

    private Menu tables() {
        Menu menu = new Menu("The form as a table");
        menu.getItems()
                .addAll(
                        item("Write a line an entry…", "Ctrl+Shift+E", files::entriesOut),
                        item("Write a line a count…", "Ctrl+Shift+K", files::countsOut),
                        item("Import CSV…", "Ctrl+Shift+J", files::tableIn));
        return menu;
    }

    private Menu recent() {
        Menu menu = new Menu("Recent");
        for (Path path : preferences.recent()) {
            menu.getItems().add(item(path.toString(), "", () -> files.open(path)));
        }
        menu.setDisable(menu.getItems().isEmpty());
        return menu;
    }

    private Menu textSizes() {
        Menu menu = new Menu("Text size");
        for (int size : Preferences.TEXT_SIZES) {
            RadioMenuItem item = new RadioMenuItem(size + " %");
            item.setSelected(size == preferences.textSize());
            item.setOnAction(_ -> shell.textSize(size));
            menu.getItems().add(item);
        }
        return menu;
    }
}
