package app.avrel.desktop.parts;

import java.util.Optional;
import javafx.application.Platform;
import javafx.scene.Node;
import javafx.scene.Scene;

/**
 * Puts off what can wait until the pictures of the next frame are on their way, so that one sees those first.
 *
 * <p>What is put off last is done; what was put off before and is not done yet is forgotten.
 */
public final class AfterPicture {

    private final Node in;
    private Optional<Runnable> due = Optional.empty();

    /** Waits for the frames of the window that a node is in. */
    public AfterPicture(Node in) {
        this.in = in;
    }

    /** Does something after the next frame. */
    public void later(Runnable action) {
        Scene scene = in.getScene();
        if (due.isEmpty()) {
            Runnable[] once = new Runnable[1];
            once[0] = () -> {
                scene.removePostLayoutPulseListener(once[0]);
                Platform.runLater(this::run);
            };
            scene.addPostLayoutPulseListener(once[0]);
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
