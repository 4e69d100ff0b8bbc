package app.avrel.desktop.lessons;

import app.avrel.desktop.parts.Buttons;
import app.avrel.desktop.parts.EntryField;
import app.avrel.desktop.parts.Figures;
import app.avrel.desktop.parts.Texts;
import app.avrel.desktop.words.Words;
import app.avrel.lesson.LessonPlan;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** The head of a lesson: its title and minutes, how much of them is planned, and what would be cut first. */
final class LessonHead extends VBox {

    private static final PseudoClass OVER = PseudoClass.getPseudoClass("over");

    private final LessonActions actions;
    private final EntryField title =
            new EntryField(Words.of("lessons.title_lesson"), Words.of("lessons.title"), _ -> false);
    private final EntryField minutes = new EntryField(Words.of("lessons.minutes_lesson"), "50", _ -> false);
    private final Label note = Texts.wrapped("", "gone");
    private final Label total = Texts.wrapped("", "room-state");
    private final Button cut = Buttons.words(Words.of("lessons.cut"), Words.of("lessons.leave_out_would"), () -> {});
    private final HBox state = new HBox(total, cut);

    LessonHead(LessonActions actions) {
        this.actions = actions;
        title.getStyleClass().add("title-field");
        minutes.getStyleClass().add("beats");
        minutes.setMinWidth(EntryField.USE_PREF_SIZE);
        HBox.setHgrow(title, Priority.ALWAYS);
        HBox.setHgrow(total, Priority.ALWAYS);
        total.setMaxWidth(Double.MAX_VALUE);
        cut.setMinWidth(Button.USE_PREF_SIZE);
        Label unit = Texts.of(Words.of("common.minutes"), "field-label");
        unit.setMinWidth(Label.USE_PREF_SIZE);
        HBox head = new HBox(title, minutes, unit);
        head.getStyleClass().add("lesson-head");
        head.setAlignment(Pos.CENTER_LEFT);
        state.setAlignment(Pos.CENTER_LEFT);
        getChildren().addAll(head, note, state);
    }

    /**
     * Shows a lesson.
     *
     * @param gone what to say where the lesson's form is no longer here
     */
    void show(LessonPlan plan, Optional<String> gone) {
        Texts.show(note, gone);
        title.show(plan.lesson().title(), text -> {
            if (!text.isBlank()) {
                actions.change("title", lesson -> lesson.withTitle(text.strip()));
            }
            return !text.isBlank();
        });
        minutes.show(
                Integer.toString(plan.lesson().minutes()),
                text -> Figures.whole(text, 1, 600)
                        .map(whole -> {
                            actions.change("minutes", lesson -> lesson.withMinutes(whole));
                            return whole;
                        })
                        .isPresent());
        List<Integer> first = plan.cutFirst();
        total.setText(planned(plan) + cut(plan, first));
        total.pseudoClassStateChanged(OVER, plan.minutesLeft() < 0);
        cut.setVisible(!first.isEmpty());
        cut.setManaged(!first.isEmpty());
        cut.setOnAction(_ -> actions.cut(first));
    }

    private static String planned(LessonPlan plan) {
        long whole = Math.round(plan.seconds() / 60);
        long left = plan.lesson().minutes() - whole;
        String spare = left > 0 ? Words.of("lessons.free", left) : left < 0 ? Words.of("lessons.too_many", -left) : "";
        return Words.of("lessons.min_planned", whole, plan.lesson().minutes(), spare);
    }

    private static String cut(LessonPlan plan, List<Integer> first) {
        return first.isEmpty()
                ? ""
                : Words.of(
                        "lessons.cut_first",
                        first.stream().map(i -> plan.segments().get(i).title()).collect(Collectors.joining("; ")));
    }
}
