package app.avrel.desktop.lessons;

import app.avrel.desktop.parts.Texts;
import app.avrel.desktop.parts.Tips;
import app.avrel.desktop.words.Days;
import app.avrel.desktop.words.Words;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** A lesson of a course in the list: how full it is, and what became of it. */
final class LessonCell extends ListCell<LessonLine> {

    private final Label number = Texts.of("", "lesson-number");
    private final Label name = Texts.of("", "posture-name");
    private final Label state = Texts.of("", "lesson-state");
    private final LoadBar bar = new LoadBar();
    private final BorderPane box = new BorderPane();

    LessonCell() {
        HBox line = new HBox(bar, state);
        line.setAlignment(Pos.CENTER_LEFT);
        HBox.setHgrow(bar, Priority.ALWAYS);
        name.setMinWidth(0);
        name.setMaxWidth(Double.MAX_VALUE);
        state.setMinWidth(Label.USE_PREF_SIZE);
        VBox right = new VBox(name, line);
        right.getStyleClass().add("lesson-row");
        box.setLeft(number);
        box.setCenter(right);
        box.setPrefWidth(10);
    }

    @Override
    protected void updateItem(LessonLine row, boolean empty) {
        super.updateItem(row, empty);
        setText(null);
        setGraphic(empty || row == null ? null : box);
        if (!empty && row != null) {
            number.setText(Integer.toString(row.number()));
            Texts.set(name, row.lesson().title());
            state.setText(row.state());
            bar.show(row.share());
            setAccessibleText(
                    Words.of("lessons.lesson", row.number(), row.lesson().title(), row.state()));
            box.setOpacity(row.lesson().log().isPresent() ? 0.8 : 1);
            row.day().ifPresent(day -> Tips.give(name, Days.brief(day)));
        }
    }
}
