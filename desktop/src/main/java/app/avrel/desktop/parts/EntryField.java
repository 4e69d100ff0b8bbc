package app.avrel.desktop.parts;

import app.avrel.desktop.words.Words;
import java.util.function.Predicate;
import javafx.css.PseudoClass;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.VBox;

/**
 * A line to type in that hands on only what it understands.
 *
 * <p>Typed text, last valid value and document are three things: text that is not understood stays here, marked, with a
 * line that says what would be; Escape brings back what the document has.
 */
public final class EntryField extends VBox {

    private static final PseudoClass WRONG = PseudoClass.getPseudoClass("wrong");

    private final TextField field = new TextField();
    private final Label hint = Texts.wrapped("", "hint");
    private final String example;
    private Predicate<String> take;
    private String shown = "";
    private boolean taking;

    /**
     * @param label the accessible name
     * @param example what could be typed, shown where nothing is
     * @param take takes a text and says whether it was understood
     */
    public EntryField(String label, String example, Predicate<String> take) {
        this.example = example;
        this.take = take;
        getStyleClass().add("entry-field");
        field.setPromptText(example);
        field.setAccessibleText(label);
        getChildren().add(field);
        Texts.follow(field);
        field.textProperty().addListener((_, _, typed) -> typed(typed));
        field.focusedProperty().addListener((_, _, focused) -> {
            if (!focused) {
                settle();
            }
        });
        field.setOnKeyPressed(event -> {
            if (event.getCode() == KeyCode.ESCAPE && !field.getText().equals(shown)) {
                field.setText(shown);
                event.consume();
            }
        });
    }

    public TextField field() {
        return field;
    }

    /** Shows what the document has; while what is typed here is being taken, the typed text stays. */
    public void show(String text, Predicate<String> newTake) {
        take = newTake;
        shown = text;
        if (!taking) {
            settle();
        }
    }

    /** Shows what the document has; where it stands already, caret and selection stay as they are. */
    private void settle() {
        if (!field.getText().equals(shown)) {
            field.setText(shown);
        }
        mark(true);
    }

    private void typed(String text) {
        if (text.equals(shown)) {
            mark(true);
        } else if (field.isFocused()) {
            taking = true;
            mark(take.test(text));
            taking = false;
        }
    }

    private void mark(boolean understood) {
        field.pseudoClassStateChanged(WRONG, !understood);
        getChildren().remove(hint);
        if (!understood) {
            hint.setText(Words.of("parts.not_understood_example", example));
            getChildren().add(hint);
        }
    }
}
