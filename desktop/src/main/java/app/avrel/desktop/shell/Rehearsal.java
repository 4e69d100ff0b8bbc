package app.avrel.desktop.shell;

import java.util.ArrayDeque;
import java.util.Deque;
import javafx.animation.AnimationTimer;
import javafx.application.Platform;
import javafx.event.Event;
import javafx.event.EventType;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;

/**
 * Goes through a little of the work by itself and ends the program, where the property {@code avrel.rehearse} is set:
 * what is used in it is then in the start cache, and is quick the first time.
 */
final class Rehearsal {

    private static final String LINE =
            "left foot steps forward, weight 70 on the left, right hand rises to the shoulder";

    private static final int PLAYS_FRAMES = 30;
    private static final int FRAMES_A_KEY = 2;

    private final Scene scene;
    private final Deque<Runnable> steps = new ArrayDeque<>();

    private Rehearsal(Scene scene) {
        this.scene = scene;
    }

    static void perform(Scene scene) {
        if (Boolean.getBoolean("avrel.rehearse")) {
            new Rehearsal(scene).perform();
        }
    }

    private void perform() {
        posture();
        form();
        step(Platform::exit);
        new AnimationTimer() {
            private int frame;

            @Override
            public void handle(long now) {
                if (++frame % FRAMES_A_KEY == 0 && !steps.isEmpty()) {
                    steps.removeFirst().run();
                }
            }
        }.start();
    }

    private void posture() {
        press(KeyCode.L, true, false);
        LINE.chars().forEach(letter -> step(() -> type((char) letter)));
        press(KeyCode.ESCAPE, false, false);
        play();
    }

    private void form() {
        press(KeyCode.DIGIT2, true, false);
        press(KeyCode.DOWN, false, true);
        press(KeyCode.UP, false, true);
        press(KeyCode.PLUS, false, false);
        play();
    }

    private void play() {
        press(KeyCode.F6, false, false);
        for (int i = 0; i < PLAYS_FRAMES / FRAMES_A_KEY; i++) {
            step(() -> {});
        }
        press(KeyCode.F6, false, false);
    }

    private void step(Runnable action) {
        steps.add(action);
    }

    private void press(KeyCode code, boolean control, boolean alt) {
        step(() -> fire(KeyEvent.KEY_PRESSED, KeyEvent.CHAR_UNDEFINED, code, control, alt));
    }

    private void type(char letter) {
        fire(KeyEvent.KEY_TYPED, String.valueOf(letter), KeyCode.UNDEFINED, false, false);
    }

    private void fire(EventType<KeyEvent> type, String letter, KeyCode code, boolean control, boolean alt) {
        Node at = scene.getFocusOwner() == null ? scene.getRoot() : scene.getFocusOwner();
        Event.fireEvent(at, new KeyEvent(type, letter, "", code, false, control, alt, false));
    }
}
