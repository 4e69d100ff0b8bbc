package app.avrel.desktop.parts;

import java.util.List;
import javafx.application.Platform;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ScrollPane;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** A sheet laid over the window: a question, or settings. Escape puts it away. */
public final class Sheet extends StackPane {

    /** One answer. */
    public record Answer(String words, Runnable action) {}

    private final StackPane over;
    private final Node before;

    private Sheet(StackPane over, String title, Node content, List<Answer> answers) {
        this.over = over;
        this.before = over.getScene() == null ? null : over.getScene().getFocusOwner();
        getStyleClass().add("sheet-shade");
        VBox sheet = new VBox(Texts.wrapped(title, "sheet-title"));
        sheet.getStyleClass().add("laid-sheet");
        ScrollPane scroll = new ScrollPane(content);
        scroll.setFitToWidth(true);
        scroll.getStyleClass().add("bare");
        VBox.setVgrow(scroll, Priority.ALWAYS);
        sheet.getChildren().addAll(scroll, buttons(answers));
        sheet.setMaxHeight(USE_PREF_SIZE);
        getChildren().add(sheet);
        addEventHandler(KeyEvent.KEY_PRESSED, event -> {
            if (event.getCode() == KeyCode.ESCAPE) {
                event.consume();
                close();
            }
        });
    }

    private HBox buttons(List<Answer> answers) {
        HBox row = new HBox();
        row.getStyleClass().add("sheet-buttons");
        row.setAlignment(Pos.CENTER_RIGHT);
        for (int i = 0; i < answers.size(); i++) {
            Answer answer = answers.get(i);
            Button button = new Button(answer.words());
            button.setDefaultButton(i == 0);
            button.getStyleClass().add(i == 0 ? "accent" : "flat");
            button.setOnAction(_ -> {
                close();
                answer.action().run();
            });
            row.getChildren().addFirst(button);
        }
        return row;
    }

    /** Lays a sheet over a pane; the first answer is the one that Enter gives. {@return the sheet} */
    public static Sheet show(StackPane over, String title, Node content, List<Answer> answers) {
        Sheet sheet = new Sheet(over, title, content, answers);
        over.getChildren().add(sheet);
        Platform.runLater(() -> focusFirst(sheet));
        return sheet;
    }

    private static void focusFirst(Sheet sheet) {
        sheet.lookupAll(".text-field, .button").stream()
                .filter(Node::isFocusTraversable)
                .findFirst()
                .ifPresent(Node::requestFocus);
    }

    /** Lays a message over a pane. */
    public static void tell(StackPane over, String title, String message) {
        show(over, title, Texts.wrapped(message, "sheet-text"), List.of(new Answer("Close", () -> {})));
    }

    public void close() {
        over.getChildren().remove(this);
        if (before != null) {
            before.requestFocus();
        }
    }
}
