package app.avrel.desktop.session;

import java.util.ArrayList;
import java.util.List;
import javafx.scene.control.MenuItem;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyCodeCombination;
import javafx.scene.input.KeyCombination;

/**
 * Something that can be done by key or from the palette.
 *
 * @param name as listed
 * @param key its shortcut
 * @param repeats whether it is done again and again while its key is held
 * @param always whether it is done also while a sheet is open, and in the hall
 */
public record Command(String name, KeyCombination key, Runnable action, boolean repeats, boolean always) {

    /**
     * {@return a command}
     *
     * @param modifiers {@code Ctrl}, {@code Ctrl+Shift}, {@code Alt}, or empty
     */
    public static Command of(String name, KeyCode key, String modifiers, Runnable action) {
        List<KeyCombination.Modifier> held = new ArrayList<>();
        if (modifiers.contains("Ctrl")) {
            held.add(KeyCombination.SHORTCUT_DOWN);
        }
        if (modifiers.contains("Shift")) {
            held.add(KeyCombination.SHIFT_DOWN);
        }
        if (modifiers.contains("Alt")) {
            held.add(KeyCombination.ALT_DOWN);
        }
        return new Command(
                name, new KeyCodeCombination(key, held.toArray(KeyCombination.Modifier[]::new)), action, false, false);
    }

    /** {@return the same, done again and again while its key is held} */
    public Command repeating() {
        return new Command(name, key, action, true, always);
    }

    /** {@return the same, done also while a sheet is open, and in the hall} */
    public Command underSheets() {
        return new Command(name, key, action, repeats, true);
    }

    /** {@return the commands as items of a menu, each with its key} */
    public static List<MenuItem> items(List<Command> commands) {
        return commands.stream().map(Command::item).toList();
    }

    private MenuItem item() {
        MenuItem item = new MenuItem(name);
        item.setMnemonicParsing(false);
        item.setAccelerator(key);
        item.setOnAction(_ -> action.run());
        return item;
    }
}
