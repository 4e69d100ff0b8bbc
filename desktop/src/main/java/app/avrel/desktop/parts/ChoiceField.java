package app.avrel.desktop.parts;

import java.util.List;
import java.util.Locale;
import java.util.function.IntConsumer;
import javafx.scene.control.ComboBox;
import javafx.scene.input.KeyEvent;

/** One of a few words to choose; the first letters typed choose too. */
public final class ChoiceField extends ComboBox<String> {

    private IntConsumer take = _ -> {};
    private boolean showing;

    public ChoiceField(String label) {
        getStyleClass().add("choice-field");
        setCellFactory(_ -> new ChoiceCell());
        setButtonCell(new ChoiceCell());
        setAccessibleText(label);
        setMaxWidth(Double.MAX_VALUE);
        getSelectionModel().selectedIndexProperty().addListener((_, _, chosen) -> {
            if (!showing && chosen.intValue() >= 0) {
                take.accept(chosen.intValue());
            }
        });
        addEventHandler(KeyEvent.KEY_TYPED, this::typed);
    }

    /** Shows the words and which of them holds. */
    public void show(List<String> words, int chosen, IntConsumer newTake) {
        showing = true;
        take = newTake;
        if (!getItems().equals(words)) {
            getSelectionModel().clearSelection();
            getItems().setAll(words);
        }
        getSelectionModel().select(chosen);
        showing = false;
    }

    private void typed(KeyEvent event) {
        String letter = event.getCharacter().toLowerCase(Locale.ROOT);
        boolean command = event.isControlDown() || event.isAltDown() || event.isMetaDown();
        if (letter.isBlank() || command) {
            return;
        }
        int size = getItems().size();
        int from = getSelectionModel().getSelectedIndex();
        for (int i = 1; i <= size; i++) {
            int at = (from + i) % size;
            if (getItems().get(at).toLowerCase(Locale.ROOT).startsWith(letter)) {
                getSelectionModel().select(at);
                return;
            }
        }
    }
}
