package app.avrel.bench.window;

import app.avrel.desktop.shots.OpenWindow;
import java.util.Locale;
import java.util.concurrent.CompletableFuture;
import javafx.animation.AnimationTimer;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;

/** Lets the posture play at 60 pictures a second, and times them. */
final class Watching extends AnimationTimer {

    private static final int SETTLED = 200;
    private static final int PICTURES = 1200;
    private static final double LATE = 1.5 * 1000 / 60;

    private final OpenWindow window;
    private final CompletableFuture<String> figures;
    private final Times between = new Times();
    private int frame;
    private long before;

    Watching(OpenWindow window, CompletableFuture<String> figures) {
        this.window = window;
        this.figures = figures;
    }

    @Override
    public void handle(long now) {
        long here = System.nanoTime();
        frame++;
        if (frame % SETTLED == 0 && frame <= SETTLED + PICTURES) {
            window.shell()
                    .root()
                    .fireEvent(new KeyEvent(KeyEvent.KEY_PRESSED, " ", " ", KeyCode.SPACE, false, false, false, false));
        }
        if (frame > 2 * SETTLED) {
            between.add(here - before);
        }
        before = here;
        if (between.size() == PICTURES) {
            stop();
            figures.complete(between.words("from picture to picture, playing")
                    + System.lineSeparator()
                    + String.format(Locale.ROOT, "late by more than half a picture: %.1f %%", between.late(LATE)));
        }
    }
}
