package app.avrel.desktop.lessons;

import app.avrel.desktop.parts.Texts;
import app.avrel.desktop.words.Words;
import app.avrel.lesson.LessonPlan;
import app.avrel.lesson.SegmentPlan;
import app.avrel.words.say.LessonWords;
import java.util.function.IntConsumer;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** The segments of a lesson, with their minutes. */
final class SegmentList extends ListView<SegmentPlan> {

    private IntConsumer choose = _ -> {};
    private boolean showing;

    SegmentList() {
        getStyleClass().add("segment-list");
        setCellFactory(_ -> new Cell());
        setAccessibleText(Words.of("lessons.segments_lesson"));
        setPlaceholder(Texts.wrapped(Words.of("lessons.no_segment_yet_press"), "empty"));
        getSelectionModel().selectedIndexProperty().addListener((_, _, at) -> {
            if (!showing && at.intValue() >= 0) {
                choose.accept(at.intValue());
            }
        });
    }

    void show(LessonPlan plan, int chosen, IntConsumer chooser) {
        showing = true;
        choose = chooser;
        if (!getItems().equals(plan.segments())) {
            getItems().setAll(plan.segments());
        }
        boolean far = getSelectionModel().getSelectedIndex() != chosen;
        getSelectionModel().clearAndSelect(chosen);
        if (far && chosen >= 0) {
            scrollTo(Math.max(0, chosen - 2));
        }
        showing = false;
    }

    private static final class Cell extends ListCell<SegmentPlan> {

        private final Label title = Texts.of("", "posture-name");
        private final Label how = Texts.of("", "posture-other");
        private final Label minutes = Texts.of("", "segment-minutes");
        private final HBox box = new HBox();

        Cell() {
            VBox words = new VBox(title, how);
            words.setMinWidth(0);
            HBox.setHgrow(words, Priority.ALWAYS);
            minutes.setMinWidth(Label.USE_PREF_SIZE);
            box.getChildren().addAll(words, minutes);
            box.setAlignment(Pos.TOP_LEFT);
            box.setPrefWidth(10);
        }

        @Override
        protected void updateItem(SegmentPlan plan, boolean empty) {
            super.updateItem(plan, empty);
            setText(null);
            setGraphic(empty || plan == null ? null : box);
            if (!empty && plan != null) {
                Texts.set(title, plan.title());
                Texts.set(how, how(plan));
                how.setManaged(!how.getText().isEmpty());
                minutes.setText(LessonWords.clock(plan.seconds()));
            }
        }

        /** How it is done; where that says nothing, the words that are said. */
        private static String how(SegmentPlan plan) {
            boolean said = plan.how().isEmpty()
                    || plan.moving() == 0 && !plan.opening().isEmpty();
            return said ? plan.opening().replace('\n', ' ') : plan.how();
        }
    }
}
