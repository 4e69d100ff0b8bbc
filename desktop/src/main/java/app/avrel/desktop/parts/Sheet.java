package app.avrel.desktop.parts;

import app.avrel.desktop.words.Words;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import javafx.application.Platform;
import javafx.beans.value.ChangeListener;
import javafx.beans.value.ObservableValue;
import javafx.geometry.Orientation;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.Button;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** A sheet laid over the window: a question, or settings. The keyboard stays in it; Escape puts it away. */
public final class Sheet extends StackPane {

    /** One answer. */
    public record Answer(String words, Runnable action) {}

    private final StackPane over;
    private final Optional<Node> before;
    private final FlowPane buttons = new FlowPane();
    private final ChangeListener<Node> keeper = (_, _, focused) -> keep(focused);

    private Sheet(StackPane over, String title, Region content, List<Answer> answers) {
        this.over = over;
        this.before = Optional.ofNullable(over.getScene().getFocusOwner());
        getStyleClass().add("sheet-shade");
        Fitting scroll = new Fitting(content);
        VBox.setVgrow(scroll, Priority.ALWAYS);
        fill(answers);
        VBox sheet = new VBox(Texts.wrapped(title, "sheet-title"), scroll, buttons);
        sheet.getStyleClass().add("laid-sheet");
        if (content.getStyleClass().contains("table-sheet")) {
            sheet.getStyleClass().add("wide");
        }
        sheet.setMaxHeight(USE_PREF_SIZE);
        getChildren().add(sheet);
        addEventHandler(KeyEvent.KEY_PRESSED, event -> {
            if (event.getCode() == KeyCode.ESCAPE) {
                event.consume();
                close();
            }
        });
    }

    /** Scrolls only where its content is higher than there is room. */
    private static final class Fitting extends Scroller {

        private static final double BAR = 18;
        private final Region content;

        Fitting(Region content) {
            super(content);
            this.content = content;
            setMinHeight(60);
        }

        @Override
        public Orientation getContentBias() {
            return Orientation.HORIZONTAL;
        }

        @Override
        protected double computePrefHeight(double width) {
            return content.prefHeight(width - BAR) + 4;
        }
    }

    private void fill(List<Answer> answers) {
        buttons.getStyleClass().add("sheet-buttons");
        buttons.setAlignment(Pos.CENTER_RIGHT);
        for (int i = 0; i < answers.size(); i++) {
            Answer answer = answers.get(i);
            Button button = new Button(answer.words());
            button.setDefaultButton(i == 0);
            button.getStyleClass().add(i == 0 ? "accent" : "flat");
            button.setOnAction(_ -> {
                close();
                answer.action().run();
            });
            buttons.getChildren().addFirst(button);
        }
    }

    /** Lays a sheet over a pane; the first answer is the one that Enter gives. {@return the sheet} */
    public static Sheet show(StackPane over, String title, Region content, List<Answer> answers) {
        Sheet sheet = new Sheet(over, title, content, answers);
        over.getChildren().add(sheet);
        over.getScene().focusOwnerProperty().addListener(sheet.keeper);
        Platform.runLater(sheet::focusFirst);
        return sheet;
    }

    /** Lets the first answer be given only while there is something to answer with. */
    public void answersWhile(ObservableValue<Boolean> ready) {
        buttons.getChildren().getLast().disableProperty().bind(ready.map(may -> !may));
    }

    /** Lays a message over a pane. */
    public static void tell(StackPane over, String title, String message) {
        show(
                over,
                title,
                Texts.wrapped(message, "sheet-text"),
                List.of(new Answer(Words.of("common.close"), () -> {})));
    }

    private void keep(Node focused) {
        boolean top = over.getChildren().getLast() == this;
        if (top && (focused == null || !inside(focused))) {
            Platform.runLater(this::focusFirst);
        }
    }

    private boolean inside(Node node) {
        for (Parent parent = node.getParent(); parent != null; parent = parent.getParent()) {
            if (parent == this) {
                return true;
            }
        }
        return false;
    }

    /** The first line to type in, or else the answer that Enter gives; what scrolls is only there once it is styled. */
    private void focusFirst() {
        applyCss();
        if (over.getChildren().contains(this)) {
            Stream.concat(
                            lookupAll(".text-input").stream()
                                    .filter(TextInputControl.class::isInstance)
                                    .limit(1),
                            buttons.getChildren().reversed().stream())
                    .findFirst()
                    .ifPresent(Node::requestFocus);
        }
    }

    public void close() {
        over.getScene().focusOwnerProperty().removeListener(keeper);
        over.getChildren().remove(this);
        before.ifPresent(Node::requestFocus);
    }
}
