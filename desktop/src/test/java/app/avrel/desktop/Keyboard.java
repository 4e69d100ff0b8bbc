package app.avrel.desktop;

import java.util.List;
import java.util.concurrent.Callable;
import javafx.event.Event;
import javafx.event.EventTarget;
import javafx.event.EventType;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.stage.Window;
import org.testfx.api.FxRobot;
import org.testfx.util.WaitForAsyncUtils;

/** What an instructor does at the keyboard. */
final class Keyboard {

    private static final long PATIENCE_MILLIS = 20_000;

    private final FxRobot robot;

    Keyboard(FxRobot robot) {
        this.robot = robot;
    }

    Keyboard press(KeyCode... keys) {
        robot.push(keys);
        WaitForAsyncUtils.waitForFxEvents();
        return this;
    }

    Keyboard ctrl(KeyCode key) {
        return press(KeyCode.CONTROL, key);
    }

    Keyboard ctrlShift(KeyCode key) {
        return press(KeyCode.CONTROL, KeyCode.SHIFT, key);
    }

    Keyboard tab(int times) {
        for (int i = 0; i < times; i++) {
            press(KeyCode.TAB);
        }
        return this;
    }

    Keyboard type(String text) {
        read(() -> {
            Scene scene = focused().getScene();
            text.codePoints().mapToObj(Character::toString).forEach(letter -> letter(scene, letter));
            return text;
        });
        WaitForAsyncUtils.waitForFxEvents();
        return this;
    }

    private static Window focused() {
        return Window.getWindows().stream()
                .filter(Window::isFocused)
                .findFirst()
                .orElseGet(() -> Window.getWindows().getFirst());
    }

    /** One letter, where the keyboard is; a line's end is a key of its own. */
    private static void letter(Scene scene, String letter) {
        Node focused = scene.getFocusOwner();
        EventTarget target = focused == null ? scene : focused;
        KeyCode key = letter.equals("\n") ? KeyCode.ENTER : KeyCode.UNDEFINED;
        String typed = letter.equals("\n") ? "\r" : letter;
        for (EventType<KeyEvent> type : List.of(KeyEvent.KEY_PRESSED, KeyEvent.KEY_TYPED, KeyEvent.KEY_RELEASED)) {
            boolean written = type == KeyEvent.KEY_TYPED;
            Event.fireEvent(
                    target,
                    new KeyEvent(
                            type,
                            written ? typed : KeyEvent.CHAR_UNDEFINED,
                            letter,
                            written ? KeyCode.UNDEFINED : key,
                            false,
                            false,
                            false,
                            false));
        }
    }

    /** Takes the so-many-th line of the menu that is open, counted from 1. */
    Keyboard menu(int line) {
        for (int i = 0; i < line; i++) {
            press(KeyCode.DOWN);
        }
        return press(KeyCode.ENTER);
    }

    /** Takes a line of the menu that opens from a line of the menu that is open. */
    Keyboard menu(int line, int inner) {
        for (int i = 0; i < line; i++) {
            press(KeyCode.DOWN);
        }
        press(KeyCode.RIGHT);
        return menu(inner - 1);
    }

    /** {@return something read on the interface's own thread, once all that was changed is laid out} */
    static <T> T read(Callable<T> what) {
        return WaitForAsyncUtils.waitForAsyncFx(PATIENCE_MILLIS, () -> {
            Window.getWindows().stream()
                    .map(Window::getScene)
                    .map(Scene::getRoot)
                    .forEach(root -> {
                        root.applyCss();
                        root.layout();
                    });
            return what.call();
        });
    }
}
