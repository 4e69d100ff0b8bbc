package app.avrel.desktop.parts;

import javafx.scene.control.ListCell;
import org.jspecify.annotations.Nullable;

/** One of the words of a choice, in the font of its script. */
final class ChoiceCell extends ListCell<String> {

    @Override
    protected void updateItem(@Nullable String words, boolean empty) {
        super.updateItem(words, empty);
        String text = empty || words == null ? "" : words;
        setText(text);
        Texts.markScript(text, getStyleClass());
    }
}
