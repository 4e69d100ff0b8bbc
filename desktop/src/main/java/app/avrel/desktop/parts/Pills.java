package app.avrel.desktop.parts;

import java.util.ArrayList;
import java.util.List;
import java.util.function.IntConsumer;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.FlowPane;

/** A row of small buttons of which at most one is down: what a picture shows. */
public final class Pills extends FlowPane {

    private final List<ToggleButton> buttons = new ArrayList<>();
    private int down = -1;

    public Pills() {
        getStyleClass().add("pills");
    }

    /** Adds a button that stays down while it is what is shown. {@return this row} */
    public Pills with(String words, String says, Runnable action) {
        int at = buttons.size();
        ToggleButton button = new ToggleButton(words);
        button.getStyleClass().setAll("pill");
        button.setMinWidth(USE_PREF_SIZE);
        Tips.give(button, says);
        button.setOnAction(_ -> {
            button.setSelected(at == down);
            action.run();
        });
        buttons.add(button);
        getChildren().add(button);
        return this;
    }

    /** Adds buttons of which one is down. {@return this row} */
    public Pills of(List<String> words, String says, IntConsumer choose) {
        for (String each : words) {
            int at = buttons.size();
            with(each, says + ": " + each, () -> choose.accept(at));
        }
        return this;
    }

    /** Adds something else to the row. {@return this row} */
    public Pills and(javafx.scene.Node node) {
        getChildren().add(node);
        return this;
    }

    /** Puts down the button at a place, from 0, and no other; below 0 for none. */
    public void down(int at) {
        down = at;
        for (int i = 0; i < buttons.size(); i++) {
            buttons.get(i).setSelected(i == at);
        }
    }

    /** {@return which button is down, from 0; -1 for none} */
    public int down() {
        return down;
    }
}
