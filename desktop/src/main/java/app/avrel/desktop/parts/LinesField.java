package app.avrel.desktop.parts;

import java.util.List;
import java.util.function.Predicate;
import javafx.css.PseudoClass;
import javafx.scene.control.Label;
import javafx.scene.control.TextArea;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.VBox;

/** Several things to type, one a line; what is not understood stays here, marked, and does not reach the document. */
public final class LinesField extends VBox {

    private static final PseudoClass WRONG = PseudoClass.getPseudoClass("wrong");

    private final TextArea area = new TextArea();
    private final Label hint = Texts.wrapped("", "hint");
    private final String refused;
    private Predicate<List<String>> take = _ -> true;
    private List<String> shown = List.of();
    private boolean taking;

    /**
     * @param label the accessible name
     * @param example what could be typed, shown where nothing is
     * @param refused what to say where a line is not understood
     */
    public LinesField(String label, String example, String refused) {
        this.refused = refused;
        getStyleClass().add("lines-field");
        area.setPromptText(example);
        area.setAccessibleText(label);
        area.setWrapText(true);
        area.setPrefRowCount(1);
        getChildren().add(area);
        Texts.follow(area);
        area.textProperty().addListener((_, _, text) -> typed(text));
        area.focusedProperty().addListener((_, _, focused) -> {
            if (!focused) {
                settle();
            }
        });
        area.addEventFilter(KeyEvent.KEY_PRESSED, event -> {
            if (event.getCode() == KeyCode.TAB && !event.isShortcutDown()) {
                event.consume();
                area.fireEvent(new KeyEvent(
                        KeyEvent.KEY_PRESSED, "", "", KeyCode.TAB, event.isShiftDown(), true, false, false));
            }
        });
    }

    public TextArea area() {
        return area;
    }

    /** Shows what the document has. */
    public void show(List<String> lines, Predicate<List<String>> newTake) {
        take = newTake;
        shown = lines;
        if (!taking) {
            settle();
        }
    }

    private void settle() {
        String text = String.join("\n", shown);
        if (!area.getText().equals(text) && !area.isFocused()) {
            area.setText(text);
        }
        rows(area.getText());
        mark(true);
    }

    private void rows(String text) {
        area.setPrefRowCount(Math.clamp(text.lines().count() + (area.isFocused() ? 1 : 0), 1, 8));
    }

    private void typed(String text) {
        rows(text);
        List<String> lines =
                text.lines().map(String::strip).filter(line -> !line.isEmpty()).toList();
        if (area.isFocused() && !lines.equals(shown)) {
            taking = true;
            mark(take.test(lines));
            taking = false;
        }
    }

    private void mark(boolean understood) {
        area.pseudoClassStateChanged(WRONG, !understood);
        getChildren().remove(hint);
        if (!understood) {
            hint.setText(refused);
            getChildren().add(hint);
        }
    }
}
