package app.avrel.desktop.shell;

import javafx.application.Platform;
import javafx.scene.Scene;

/**
 * The first frame of the window. Where the property {@code avrel.exit-at-first-frame} is set, the program ends once all
 * that is in it is painted: for measuring the start.
 */
final class FirstFrame {

    private FirstFrame() {}

    /** Does something once the first frame of a window is on its way to the screen. */
    static void after(Scene scene, Runnable action) {
        Runnable[] once = new Runnable[1];
        once[0] = () -> {
            scene.removePostLayoutPulseListener(once[0]);
            Platform.runLater(action);
        };
        scene.addPostLayoutPulseListener(once[0]);
    }

    /** Is told that all of the window is painted. */
    static void seen() {
        if (Boolean.getBoolean("avrel.exit-at-first-frame")) {
            Platform.exit();
        }
    }
}
