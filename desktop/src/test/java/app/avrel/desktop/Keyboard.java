package app.avrel.desktop;

import java.util.concurrent.Callable;
import javafx.scene.input.KeyCode;
import org.testfx.api.FxRobot;
import org.testfx.util.WaitForAsyncUtils;

/** What an instructor does at the keyboard. */
final class Keyboard {

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
        robot.write(text, 0);
        WaitForAsyncUtils.waitForFxEvents();
        return this;
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

    /** {@return something read on the interface's own thread} */
    static <T> T read(Callable<T> what) {
        return WaitForAsyncUtils.waitForAsyncFx(5000, what);
    }
}
