package app.avrel.desktop.parts;

import javafx.scene.control.Control;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.control.Tooltip;
import javafx.scene.input.MouseEvent;

/** Tooltips that are made when the pointer first comes near: a window has many, and few are ever seen. */
public final class Tips {

    private Tips() {}

    /** Gives a control a tooltip, and the same words for those who hear the screen. */
    public static void give(Control control, String words) {
        String says = Keys.here(words);
        control.setAccessibleText(says);
        control.addEventHandler(MouseEvent.MOUSE_ENTERED, _ -> show(control, says));
    }

    /** Shows a label whole where its place is too narrow for it. */
    public static void whole(Label label) {
        label.addEventHandler(MouseEvent.MOUSE_ENTERED, _ -> show(label, label.getText()));
    }

    /** Shows whole what stands in a field, or what an empty one would say. */
    public static void whole(TextField field) {
        field.addEventHandler(
                MouseEvent.MOUSE_ENTERED,
                _ -> show(field, field.getText().isEmpty() ? field.getPromptText() : field.getText()));
    }

    private static void show(Control control, String says) {
        if (control.getTooltip() == null || !control.getTooltip().getText().equals(says)) {
            control.setTooltip(saying(says));
        }
    }

    /** {@return a tooltip that stays in the font of the script of what it says} */
    public static Tooltip saying(String says) {
        Tooltip tip = new Tooltip(says);
        tip.textProperty().subscribe(text -> Texts.markScript(text, tip.getStyleClass()));
        return tip;
    }
}
