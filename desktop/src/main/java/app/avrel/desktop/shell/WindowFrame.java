package app.avrel.desktop.shell;

import javafx.scene.layout.StackPane;

/**
 * What a window has before anything is in it: its root, in the colours and the size of text that are kept.
 *
 * @param preferences what is kept between starts
 */
record WindowFrame(StackPane root, Preferences preferences, Appearance appearance) {

    /** {@return an empty one, as it was left} */
    static WindowFrame empty() {
        return empty(new Preferences(StateFolder.path()));
    }

    static WindowFrame empty(Preferences preferences) {
        StackPane root = new StackPane();
        return new WindowFrame(root, preferences, new Appearance(root, preferences));
    }
}
