package app.avrel.desktop.parts;

import javafx.application.Platform;
import javafx.scene.Scene;

/**
 * Waits until what is new in a window is on the screen.
 *
 * <p>Painting has a thread of its own, and a window in which all is new keeps it at work for longer than a frame lasts.
 * What begins in that time takes the processor from it.
 */
public final class Painted {

    /** The picture laid out in one pulse is painted beside the next; the one after that waits until it is done. */
    private static final int PULSES = 3;

    private Painted() {}

    /** Does something once the next picture that is laid out in a window is painted. */
    public static void then(Scene scene, Runnable action) {
        int[] pulses = new int[1];
        Runnable[] each = new Runnable[1];
        each[0] = () -> {
            if (++pulses[0] == PULSES) {
                scene.removePostLayoutPulseListener(each[0]);
                Platform.runLater(action);
            } else {
                Platform.requestNextPulse();
            }
        };
        scene.addPostLayoutPulseListener(each[0]);
        Platform.requestNextPulse();
    }
}
