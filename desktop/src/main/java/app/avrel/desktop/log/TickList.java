package app.avrel.desktop.log;

import app.avrel.desktop.parts.Texts;
import app.avrel.desktop.words.Words;
import app.avrel.lesson.LessonPlan;
import app.avrel.lesson.SegmentPlan;
import app.avrel.lesson.log.LessonLog;
import app.avrel.lesson.log.Tick;
import app.avrel.words.say.LessonWords;
import java.util.Optional;
import java.util.function.BiConsumer;
import java.util.function.Consumer;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** The segments of a lesson to be ticked: large enough for a finger. */
final class TickList extends VBox {

    private static final PseudoClass ON = PseudoClass.getPseudoClass("on");

    TickList() {
        getStyleClass().add("tick-list");
    }

    /**
     * Shows what is to be done and what was.
     *
     * @param on the segment that is on while one teaches
     * @param tick ticks a segment, or takes the tick back
     */
    void show(LessonPlan plan, Optional<LessonLog> log, Optional<Integer> on, BiConsumer<Integer, Boolean> tick) {
        while (getChildren().size() > plan.segments().size()) {
            getChildren().removeLast();
        }
        while (getChildren().size() < plan.segments().size()) {
            getChildren().add(new Row());
        }
        for (int i = 0; i < plan.segments().size(); i++) {
            int at = i;
            Optional<Tick> done = log.flatMap(one -> one.ticks().stream()
                    .filter(ticked -> ticked.segment() == at)
                    .findFirst());
            ((Row) getChildren().get(i))
                    .show(plan.segments().get(i), done, on.equals(Optional.of(i)), ticked -> tick.accept(at, ticked));
        }
    }

    private static final class Row extends HBox {

        private final CheckBox box = new CheckBox();
        private final Label title = Texts.wrapped("", "tick-title");
        private final Label how = Texts.of("", "posture-other");
        private final Label minutes = Texts.of("", "segment-minutes");

        Row() {
            getStyleClass().add("tick-row");
            setAlignment(Pos.CENTER_LEFT);
            VBox words = new VBox(title, how);
            words.setMinWidth(0);
            HBox.setHgrow(words, Priority.ALWAYS);
            minutes.setMinWidth(Label.USE_PREF_SIZE);
            getChildren().addAll(box, words, minutes);
            words.setOnMouseClicked(_ -> box.fire());
        }

        void show(SegmentPlan plan, Optional<Tick> done, boolean on, Consumer<Boolean> tick) {
            Texts.set(title, plan.title());
            Texts.set(how, plan.how());
            how.setManaged(!plan.how().isEmpty());
            box.setSelected(done.isPresent());
            box.setAccessibleText(plan.title());
            box.setOnAction(_ -> tick.accept(box.isSelected()));
            String planned = LessonWords.clock(plan.seconds());
            minutes.setText(done.map(ticked -> Words.of("common.x_of_x", LessonWords.clock(ticked.seconds()), planned))
                    .orElse(planned));
            pseudoClassStateChanged(ON, on);
        }
    }
}
