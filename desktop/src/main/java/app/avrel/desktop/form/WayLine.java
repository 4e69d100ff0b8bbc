package app.avrel.desktop.form;

import app.avrel.desktop.parts.Texts;
import app.avrel.desktop.words.Words;
import java.util.Optional;
import java.util.function.Function;
import javafx.css.PseudoClass;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.VBox;

/** A line to type the next count of a way in; what is not understood stays here with what to do about it. */
final class WayLine extends VBox {

    private static final PseudoClass WRONG = PseudoClass.getPseudoClass("wrong");

    private final TextField field = new TextField();
    private final Label hint = Texts.wrapped("", "hint");

    /** @param record records a line, or says why not */
    WayLine(Function<String, Optional<String>> record) {
        getStyleClass().add("entry-field");
        field.setPromptText(Words.of("form.type_way"));
        field.setAccessibleText(Words.of("form.type_way"));
        Texts.follow(field);
        getChildren().add(field);
        field.setOnAction(_ -> {
            if (!field.getText().isBlank()) {
                record.apply(field.getText()).ifPresentOrElse(this::refuse, field::clear);
            }
        });
        field.textProperty().addListener(_ -> mark(false));
    }

    TextField field() {
        return field;
    }

    private void refuse(String why) {
        hint.setText(why);
        mark(true);
    }

    private void mark(boolean wrong) {
        field.pseudoClassStateChanged(WRONG, wrong);
        getChildren().remove(hint);
        if (wrong) {
            getChildren().add(hint);
        }
    }
}
