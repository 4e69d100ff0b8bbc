package app.avrel.desktop.shell;

import javafx.animation.AnimationTimer;
import javafx.application.Platform;

/**
 * Ends the program at its first frame where the property {@code avrel.exit-at-first-frame} is set: for measuring the
 * start, and for training the start cache.
 */
final class FirstFrame {

    private FirstFrame() {}

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
