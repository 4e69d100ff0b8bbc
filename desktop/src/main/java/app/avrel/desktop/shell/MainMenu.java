package app.avrel.desktop.shell;

import app.avrel.desktop.parts.Texts;
import app.avrel.desktop.parts.Tips;
import app.avrel.desktop.session.Session;
import app.avrel.desktop.words.Words;
import app.avrel.label.Language;
import java.nio.file.Path;
import java.util.ArrayList;
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
        Tips.give(button, Words.of("shell.menu"));
        button.getItems().add(new MenuItem());
        button.setOnShowing(_ -> button.getItems().setAll(items()));
    }

    MenuButton button() {
        return button;
    }

    private List<MenuItem> items() {
        List<MenuItem> all = new ArrayList<>(ofFiles());
        all.add(new SeparatorMenuItem());
        all.addAll(ofSteps());
        all.add(new SeparatorMenuItem());
        all.addAll(ofSheets());
        all.add(new SeparatorMenuItem());
        all.addAll(ofLook());
        all.add(new SeparatorMenuItem());
        all.add(item(Words.of("shell.help"), "F1", shell.sheets()::help));
        all.add(item(Words.of("shell.quit"), "Ctrl+Q", files::quit));
        return all;
    }

    private List<MenuItem> ofFiles() {
        return List.of(
                item(Words.of("shell.new_project"), "Ctrl+N", files::create),
                item(Words.of("shell.open"), "Ctrl+O", files::open),
                recent(),
                item(Words.of("common.open_demo"), "", files::openDemo),
                item(Words.of("shell.save"), "Ctrl+S", files::save),
                item(Words.of("shell.save_as"), "Ctrl+Shift+S", files::saveAs),
                item(Words.of("keeping.earlier_menu"), "Ctrl+Alt+H", files::earlier),
                menu(
                        Words.of("shell.bring_in"),
                        item(Words.of("shell.import_list_names"), "Ctrl+Shift+B", files::bringIn),
                        item(Words.of("shell.read_notes"), "Ctrl+Alt+N", files::readNotes),
                        item(Words.of("shell.import_from_another"), "Ctrl+Shift+F", files::bringOver),
                        item(Words.of("shell.import_csv"), "Ctrl+Shift+J", files::tableIn)),
                menu(
                        Words.of("shell.write_out"),
                        item(Words.of("shell.write_postures_as"), "", files::writeNotes),
                        item(Words.of("shell.write_bundle"), "", files::bundle),
                        item(Words.of("shell.write_line_entry"), "Ctrl+Shift+E", files::entriesOut),
                        item(Words.of("shell.write_line_count"), "Ctrl+Shift+K", files::countsOut)));
    }

    private List<MenuItem> ofSteps() {
        Session session = shell.session();
        return List.of(
                step(Words.of("shell.undo"), session.undoable(), "Ctrl+Z", session::undo),
                step(Words.of("shell.redo"), session.redoable(), "Ctrl+Shift+Z", session::redo));
    }

    private List<MenuItem> ofSheets() {
        return List.of(
                item(Words.of("shell.find_anything"), "Ctrl+K", shell.sheets()::find),
                item(Words.of("shell.findings"), "F8", () -> shell.findings().toggle()),
                item(Words.of("shell.hall"), "F11", shell.hall()::open),
                item(Words.of("shell.learners"), "Ctrl+U", shell.sheets()::learners),
                item(Words.of("shell.settings"), "Ctrl+Comma", shell.sheets()::settings));
    }

    private List<MenuItem> ofLook() {
        return List.of(
                item(
                        preferences.dark() ? Words.of("shell.light_theme") : Words.of("shell.dark_theme"),
                        "Ctrl+Shift+L",
                        () -> shell.appearance().turnDarkOrLight()),
                textSizes(),
                languages());
    }

    private static Menu menu(String words, MenuItem... items) {
        Menu menu = new Menu(words);
        menu.getItems().addAll(items);
        return menu;
    }

    private static MenuItem step(String words, Optional<String> what, String key, Runnable action) {
        MenuItem item = item(words + what.map(name -> ": " + name).orElse(""), key, action);
        item.setDisable(what.isEmpty());
        return item;
    }

    private static MenuItem item(String words, String key, Runnable action) {
        MenuItem item = Texts.item(words);
        item.setMnemonicParsing(false);
        item.setOnAction(_ -> action.run());
        if (!key.isEmpty()) {
            item.setAccelerator(KeyCombination.valueOf(key.replace("Ctrl", "Shortcut")));
        }
        return item;
    }

    private Menu recent() {
        Menu menu = new Menu(Words.of("shell.recent"));
        for (Path path : preferences.recent()) {
            menu.getItems().add(item(path.toString(), "", () -> files.open(path)));
        }
        menu.setDisable(menu.getItems().isEmpty());
        return menu;
    }

    /** Each language by its own name, so that whoever speaks only that one finds it. */
    private Menu languages() {
        Menu menu = new Menu(Words.of("common.language"));
        List<String> own = List.of("English", "Español", "中文");
        for (Language language : Language.values()) {
            RadioMenuItem item = Texts.inScript(new RadioMenuItem(own.get(language.ordinal())));
            item.setSelected(language == Words.language());
            item.setOnAction(_ -> shell.speak(language));
            menu.getItems().add(item);
        }
        return menu;
    }

    private Menu textSizes() {
        Menu menu = new Menu(Words.of("shell.text_size"));
        for (int size : Preferences.TEXT_SIZES) {
            RadioMenuItem item = new RadioMenuItem(size + " %");
            item.setSelected(size == preferences.textSize());
            item.setOnAction(_ -> shell.appearance().textSize(size));
            menu.getItems().add(item);
        }
        return menu;
    }
}
