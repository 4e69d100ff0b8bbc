package app.avrel.desktop.parts;

import javafx.scene.control.Button;
import org.kordamp.ikonli.feather.Feather;
import org.kordamp.ikonli.javafx.FontIcon;

/** Buttons with a tooltip and an accessible name. */
public final class Buttons {

    private Buttons() {}

    /**
     * {@return a button that shows only an icon}
     *
     * @param says what it does, with its shortcut in brackets where it has one
     */
    public static Button icon(Feather icon, String says, Runnable action) {
        Button button = new Button();
        button.setGraphic(new FontIcon(icon));
        button.getStyleClass().addAll("flat", "icon-button");
        return named(button, says, action);
    }

    /** {@return a button that shows words} */
    public static Button words(String words, String says, Runnable action) {
        Button button = new Button(words);
        button.getStyleClass().addAll("flat", "word-button");
        return named(button, says, action);
    }

    /** {@return a button that shows words on as many lines as they need} */
    public static Button wrapped(String words, String says, Runnable action) {
        Button button = words(words, says, action);
        button.setWrapText(true);
        button.setMinHeight(Button.USE_PREF_SIZE);
        return button;
    }

    /** {@return a small button that shows words, for a row under a picture} */
    public static Button pill(String words, String says, Runnable action) {
        Button button = new Button(words);
        button.getStyleClass().setAll("pill");
        button.setMinWidth(Button.USE_PREF_SIZE);
        return named(button, says, action);
    }

    private static Button named(Button button, String says, Runnable action) {
        Tips.give(button, says);
        button.setOnAction(_ -> action.run());
        return button;
    }
}
