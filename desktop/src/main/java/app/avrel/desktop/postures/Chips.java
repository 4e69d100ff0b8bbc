package app.avrel.desktop.postures;

import app.avrel.desktop.parts.Buttons;
import javafx.scene.control.Button;
import javafx.scene.layout.FlowPane;

/** Small buttons below the line, each an answer or a word to put. */
final class Chips {

    private Chips() {}

    static FlowPane row() {
        FlowPane chips = new FlowPane();
        chips.setPrefWrapLength(0);
        chips.getStyleClass().add("typed-chips");
        return chips;
    }

    static Button chip(String words, String says, Runnable action) {
        Button chip = Buttons.words(words, says, action);
        chip.getStyleClass().add("chip");
        return chip;
    }
}
