package app.avrel.desktop.parts;

import java.util.Optional;
import javafx.application.Platform;
import javafx.scene.Node;
import javafx.scene.Scene;

/**
 * Puts off what can wait by a frame, so that the pictures are painted first, and alone.
 *
 * <p>What is put off last is done; what was put off before and is not done yet is forgotten.
 */
public final class AfterPicture {

    private final Node in;
    private Optional<Runnable> due = Optional.empty();
    private boolean pictured;

    /** Waits for the frames of the window that a node is in. */
    public AfterPicture(Node in) {
        this.in = in;
    }

    /** Does something after the next frame; at once where there is no window yet to wait for. */
    public void later(Runnable action) {
        Scene scene = in.getScene();
        if (scene == null) {
            action.run();
            return;
        }
        if (due.isEmpty()) {
            pictured = false;
            Runnable[] each = new Runnable[1];
            each[0] = () -> {
                if (pictured) {
                    scene.removePreLayoutPulseListener(each[0]);
                    run();
                } else {
                    pictured = true;
                    Platform.requestNextPulse();
                }
            };
            scene.addPreLayoutPulseListener(each[0]);
        }
        due = Optional.of(action);
    }

    private void run() {
        Optional<Runnable> last = due;
        due = Optional.empty();
        last.ifPresent(Runnable::run);
    }

    /** Does something now, in the place of what was put off. */
    public void now(Runnable action) {
        if (due.isPresent()) {
            due = Optional.of(() -> {});
        }
        action.run();
    }
}
