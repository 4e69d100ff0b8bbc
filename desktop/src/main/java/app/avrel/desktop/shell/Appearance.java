package app.avrel.desktop.shell;

import app.avrel.desktop.parts.Fonts;
import app.avrel.desktop.words.Words;
import app.avrel.label.Language;
import javafx.css.PseudoClass;
import javafx.scene.Scene;
import javafx.scene.layout.StackPane;
import org.jspecify.annotations.Nullable;

/** How the window looks: light or dark, how large its text is, and in which script. */
public final class Appearance {

    private static final PseudoClass DARK = PseudoClass.getPseudoClass("dark");

    private final StackPane root;
    private final Preferences preferences;

    Appearance(StackPane root, Preferences preferences) {
        this.root = root;
        this.preferences = preferences;
        root.getStyleClass().addAll("avrel", "text-" + preferences.textSize());
        root.sceneProperty().subscribe(this::lay);
        root.pseudoClassStateChanged(DARK, preferences.dark());
    }

    /** The sheets lie on the scene: laid on a node of it they would be looked for anew from each node upwards. */
    private void lay(@Nullable Scene scene) {
        if (scene != null) {
            scene.getStylesheets().setAll(Sheets.all());
        }
    }

    /** Sets text size and theme together. */
    public void look(int textPercent, boolean dark) {
        dark(dark);
        textSize(textPercent);
    }

    void turnDarkOrLight() {
        dark(!preferences.dark());
    }

    void dark(boolean dark) {
        root.pseudoClassStateChanged(DARK, dark);
        preferences.dark(dark);
    }

    void textSize(int percent) {
        Preferences.TEXT_SIZES.forEach(size -> root.getStyleClass().remove("text-" + size));
        root.getStyleClass().add("text-" + percent);
        preferences.textSize(percent);
    }

    /** Makes the text larger or smaller by so many sizes, as far as there are any. */
    void resize(int by) {
        int at = Preferences.TEXT_SIZES.indexOf(preferences.textSize()) + by;
        if (at >= 0 && at < Preferences.TEXT_SIZES.size()) {
            textSize(Preferences.TEXT_SIZES.get(at));
        }
    }

    /** Chinese has fonts of its own. */
    void script() {
        boolean chinese = Words.language() == Language.CHINESE;
        Fonts.speakChinese(chinese);
        root.pseudoClassStateChanged(PseudoClass.getPseudoClass("chinese"), chinese);
    }
}
