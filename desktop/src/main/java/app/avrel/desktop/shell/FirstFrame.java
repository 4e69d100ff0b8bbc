package app.avrel.desktop.shell;

import javafx.animation.AnimationTimer;
import javafx.application.Platform;
import javafx.scene.Scene;

/**
 * The first frame of the window. Ends the program at its first frame where the property {@code avrel.exit-at-first-frame} is set: for measuring the
 * start, and for training the start cache.
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

    static void seen() {
        if (Boolean.getBoolean("avrel.exit-at-first-frame")) {
            new AnimationTimer() {
                private int frames;

                @Override
                public void handle(long now) {
                    if (++frames == 2) {
                        Platform.exit();
                    }
                }
            }.start();
        }
    }
}
