package app.avrel.bench.window;

import app.avrel.desktop.shots.OpenWindow;
import java.util.List;
import java.util.concurrent.CompletableFuture;
import javafx.animation.AnimationTimer;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;

/**
 * Types lines letter by letter. Pictures follow each other as fast as they can be painted, and a picture is handed over only
 * when the one before is painted: the picture of a key is there at the latest when the second one after it begins. On a screen
 * up to one sixtieth of a second of waiting comes on top.
 */
final class Typing extends AnimationTimer {

    private static final int SETTLED = 200;
    private static final int WARMING = 1;
    private static final int ROUNDS = 3;

    /** Ten keys a second are typed by a practised hand. */
    private static final long BETWEEN_KEYS_NANOS = 100_000_000;

    private static final List<String> LINES = List.of(
            "right heel out to 1, half a shoulder wide, toes to 1:30, then shift 60 right while the waist turns to 12",
            "left foot a long step forward on the heel, both palms push at chest height, out-breath, two beats",
            "turn 30 left, the right hand rises to the forehead, palm out");

    private final OpenWindow window;
    private final CompletableFuture<String> figures;
    private final Times taken = new Times();
    private final Times painted = new Times();
    private int frame;
    private int pictures = 2;
    private int round;
    private int letter;
    private long pressed;

    Typing(OpenWindow window, CompletableFuture<String> figures) {
        this.window = window;
        this.figures = figures;
    }

    @Override
    public void handle(long now) {
        try {
            frame();
        } catch (RuntimeException failed) {
            stop();
            figures.completeExceptionally(failed);
        }
    }

    private void frame() {
        frame++;
        if (frame == SETTLED) {
            next();
        } else if (frame > SETTLED && ++pictures == 2) {
            count(painted);
        } else if (pictures > 2 && System.nanoTime() - pressed >= BETWEEN_KEYS_NANOS) {
            next();
        }
    }

    private void next() {
        pictures = 0;
        String line = LINES.get(round % LINES.size());
        if (letter < line.length()) {
            press(line.substring(letter, ++letter));
            return;
        }
        field().clear();
        letter = 0;
        pictures = 2;
        if (++round == ROUNDS * LINES.size()) {
            stop();
            figures.complete(taken.words("a key, until it is taken")
                    + System.lineSeparator()
                    + painted.words("a key, until its picture"));
        }
    }

    private void press(String key) {
        TextInputControl field = field();
        pressed = System.nanoTime();
        field.fireEvent(new KeyEvent(KeyEvent.KEY_TYPED, key, key, KeyCode.UNDEFINED, false, false, false, false));
        count(taken);
    }

    private void count(Times times) {
        if (round >= WARMING * LINES.size()) {
            times.add(System.nanoTime() - pressed);
        }
    }

    private TextInputControl field() {
        TextInputControl field = (TextInputControl) window.scene().lookup(".typed-line .text-input");
        field.requestFocus();
        return field;
    }
}
