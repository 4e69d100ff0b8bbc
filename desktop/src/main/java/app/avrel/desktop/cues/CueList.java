package app.avrel.desktop.cues;

import app.avrel.desktop.parts.Texts;
import app.avrel.desktop.words.Words;
import app.avrel.form.Moment;
import java.util.function.IntConsumer;
import javafx.application.Platform;
import javafx.css.PseudoClass;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.layout.VBox;

/** The script, count by count. */
final class CueList extends ListView<CueRow> {

    /** Room for the scroll bar. */
    private static final double BAR = 12;

    private static final PseudoClass OVER = PseudoClass.getPseudoClass("over");

    private IntConsumer choose = _ -> {};
    private boolean showing;
    private int revealed = -1;

    CueList() {
        getStyleClass().add("cue-list");
        setCellFactory(_ -> new Cell());
        setAccessibleText(Words.of("cues.said_count_by"));
        setPlaceholder(Texts.wrapped(Words.of("cues.nothing_say_yet"), "empty"));
        getSelectionModel().selectedIndexProperty().addListener((_, _, at) -> {
            if (!showing && at.intValue() >= 0) {
                choose.accept(at.intValue());
            }
        });
    }

    void show(CueSheet sheet, IntConsumer chooser) {
        showing = true;
        choose = chooser;
        if (!getItems().equals(sheet.rows())) {
            getItems().setAll(sheet.rows());
        }
        sheet.chosen().ifPresent(row -> {
            getSelectionModel().select(row.at());
            if (!isFocused() && row.at() != revealed) {
                revealed = row.at();
                Platform.runLater(() -> scrollTo(Math.max(0, row.at() - 3)));
            }
        });
        showing = false;
    }

    private static final class Cell extends ListCell<CueRow> {

        private final Label heading = Texts.of("", "cue-heading");
        private final Label time = Texts.of("", "cue-time");
        private final Label count = Texts.of("", "cue-count");
        private final Label words = Texts.wrapped("", "cue-words");
        private final Label room = Texts.of("", "cue-room");
        private final VBox box = new VBox();

        Cell() {
            CueLine line = new CueLine(time, count, words, room);
            box.getChildren().addAll(heading, line);
            box.setPrefWidth(10);
        }

        /** As high as its words are when they wrap in the width there is. */
        @Override
        protected double computePrefHeight(double width) {
            double inside = getListView().getWidth() - snappedLeftInset() - snappedRightInset() - BAR;
            return getGraphic() == null
                    ? super.computePrefHeight(width)
                    : snappedTopInset() + box.prefHeight(inside) + snappedBottomInset();
        }

        @Override
        protected void updateItem(CueRow row, boolean empty) {
            super.updateItem(row, empty);
            setText(null);
            setGraphic(empty || row == null ? null : box);
            if (empty || row == null) {
                return;
            }
            heading.setManaged(!row.heading().isEmpty());
            heading.setVisible(!row.heading().isEmpty());
            Texts.set(heading, row.heading());
            time.setText(CueClock.minutes(row.cue().start()));
            boolean wayIn = row.cue().place().section() == Moment.Section.LINK;
            count.setText((wayIn ? "→" : "") + (row.cue().place().count() + 1));
            Texts.set(words, row.cue().words().isEmpty() ? "—" : said(row));
            room.setText(CueClock.room(row.cue()));
            room.pseudoClassStateChanged(OVER, row.cue().tooLongBy() > 0);
        }

        private static String said(CueRow row) {
            return String.join(
                    " · ", row.cue().calls().stream().map(call -> call.words()).toList());
        }
    }
}
