package app.avrel.desktop.parts;

import java.util.Optional;
import javafx.application.Platform;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.util.Subscription;

/**
 * Puts off what can wait for a moment, so that the pictures are painted first, and alone.
 *
 * <p>What is put off last is done; what was put off before and is not done yet is forgotten.
 */
public final class AfterPicture {

    /** From the frame of the pictures on: it is drawn in that time, and nobody sees that the rest comes after it. */
    private static final long MOMENT_NANOS = 40_000_000;

    private final Node in;
    private Optional<Runnable> due = Optional.empty();

    /** Waits for the frames of the window that a node is in. */
    public AfterPicture(Node in) {
        this.in = in;
    }

    /** Does something later where it can wait, or else now. */
    public void when(boolean canWait, Runnable action) {
        if (canWait) {
            later(action);
        } else {
            now(action);
        }
    }

    /** Does something once the node is first painted in a window. */
    public void onceSeen(Runnable action) {
        if (in.getScene() != null) {
            Painted.then(in.getScene(), action);
            return;
        }
        Subscription[] waiting = new Subscription[1];
        waiting[0] = in.sceneProperty().subscribe(scene -> {
            if (scene != null) {
                waiting[0].unsubscribe();
                Painted.then(scene, action);
            }
        });
    }

    /** Does something a moment after the next frame; at once where there is no window yet to wait for. */
    private void later(Runnable action) {
        Scene scene = in.getScene();
        if (scene == null) {
            action.run();
            return;
        }
        if (due.isEmpty()) {
            waitIn(scene);
        }
        due = Optional.of(action);
    }

    private void waitIn(Scene scene) {
        long[] pictured = new long[1];
        Runnable[] each = new Runnable[1];
        each[0] = () -> {
            long now = System.nanoTime();
            if (pictured[0] == 0) {
                pictured[0] = now;
            }
            if (now - pictured[0] >= MOMENT_NANOS) {
                scene.removePreLayoutPulseListener(each[0]);
                run();
            } else {
                Platform.requestNextPulse();
            }
        };
        scene.addPreLayoutPulseListener(each[0]);
    }

    private void run() {
        Optional<Runnable> last = due;
        due = Optional.empty();
        last.ifPresent(Runnable::run);
    }

    /** Does something now, in the place of what was put off. */
    private void now(Runnable action) {
        if (due.isPresent()) {
            due = Optional.of(() -> {});
        }
        action.run();
    }
}
