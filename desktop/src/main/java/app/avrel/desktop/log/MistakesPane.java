package app.avrel.desktop.log;

import app.avrel.desktop.lessons.WatchNotes;
import app.avrel.desktop.parts.Buttons;
import app.avrel.desktop.parts.ChoiceField;
import app.avrel.desktop.parts.Texts;
import app.avrel.desktop.session.Session;
import app.avrel.desktop.words.Words;
import app.avrel.lesson.Lesson;
import app.avrel.lesson.log.LessonLog;
import app.avrel.lesson.log.Seen;
import app.avrel.posture.Posture;
import app.avrel.posture.teaching.Mistake;
import java.util.List;
import java.util.Optional;
import javafx.scene.control.Button;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.kordamp.ikonli.feather.Feather;

/** Mistakes seen: one tap on one that is known, or a new one typed. */
final class MistakesPane extends VBox {

    private final Session session;
    private final LogActions actions;
    private final VBox known = new VBox();
    private final VBox seen = new VBox();
    private final ChoiceField posture = new ChoiceField(Words.of("log.posture_mistake"));
    private final TextField fresh = new TextField();
    private List<Posture> postures = List.of();
    private int chosen;

    MistakesPane(Session session, LogActions actions) {
        this.session = session;
        this.actions = actions;
        getStyleClass().add("log-pane");
        known.getStyleClass().add("log-pane");
        fresh.setPromptText(Words.of("log.another_mistake_then"));
        fresh.setAccessibleText(Words.of("log.another_mistake"));
        Texts.follow(fresh);
        fresh.setOnAction(_ -> add());
        HBox.setHgrow(fresh, Priority.ALWAYS);
        getChildren().addAll(Texts.of(Words.of("log.mistakes_seen"), "section"), seen, known, posture, fresh);
    }

    private void add() {
        if (!fresh.getText().isBlank() && chosen >= 0 && chosen < postures.size()) {
            Posture of = postures.get(chosen);
            actions.saw(new Seen(
                    of.id(), Optional.empty(), Optional.empty(), fresh.getText().strip(), 1));
            fresh.clear();
        }
    }

    void show(Lesson lesson) {
        List<Posture> all = session.lessons().postures(lesson);
        if (!all.equals(postures)) {
            postures = all;
            chosen = 0;
        }
        List<Seen> noted = lesson.log().map(LessonLog::seen).orElse(List.of());
        seen.getChildren().setAll(noted.stream().map(this::noted).toList());
        known.getChildren().clear();
        for (Posture one : postures) {
            for (Mistake mistake : one.sheet().mistakes()) {
                Seen tapped = new Seen(one.id(), one.side(), mistake.count(), mistake.looksLike(), 1);
                if (!mistake.looksLike().isBlank() && noted.stream().noneMatch(tapped::same)) {
                    known.getChildren().add(tap(Words.name(one) + ": " + mistake.looksLike(), tapped));
                }
            }
        }
        posture.show(postures.stream().map(Words::name).toList(), postures.isEmpty() ? -1 : chosen, at -> chosen = at);
        posture.setDisable(postures.isEmpty());
        fresh.setDisable(postures.isEmpty());
    }

    private Button tap(String words, Seen mistake) {
        Button button = Buttons.words(words, Words.of("log.seen_once_more"), () -> actions.saw(mistake));
        button.getStyleClass().add("tap");
        button.setWrapText(true);
        button.setMaxWidth(Double.MAX_VALUE);
        return button;
    }

    private HBox noted(Seen one) {
        Button more = tap(WatchNotes.said(session, one), one.withTimes(1));
        more.getStyleClass().add("noted");
        HBox.setHgrow(more, Priority.ALWAYS);
        return new HBox(more, Buttons.icon(Feather.MINUS, Words.of("log.seen_once_less"), () -> actions.unsaw(one)));
    }
}
