package app.avrel.desktop.parts;

import javafx.scene.control.Control;
import javafx.scene.control.Tooltip;
import javafx.scene.input.MouseEvent;

/** Tooltips that are made when the pointer first comes near: a window has many, and few are ever seen. */
public final class Tips {

    private Tips() {}

    /** Gives a control a tooltip, and the same words for those who hear the screen. */
    public static void give(Control control, String says) {
        control.setAccessibleText(says);
        control.addEventHandler(MouseEvent.MOUSE_ENTERED, _ -> show(control, says));
    }

    private static void show(Control control, String says) {
        if (control.getTooltip() == null || !control.getTooltip().getText().equals(says)) {
            control.setTooltip(new Tooltip(says));
        }
    }
}
