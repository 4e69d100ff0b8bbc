package app.avrel.desktop.log;

import app.avrel.desktop.parts.ChoiceField;
import app.avrel.desktop.parts.EntryField;
import app.avrel.desktop.parts.Texts;
import app.avrel.desktop.session.Session;
import app.avrel.desktop.words.Words;
import app.avrel.lesson.Lesson;
import app.avrel.lesson.log.LessonLog;
import app.avrel.lesson.log.Question;
import app.avrel.lesson.log.WatchFor;
import app.avrel.posture.Posture;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.VBox;

/** Questions asked in a lesson, answered now or later; those of earlier lessons are found by their words. */
final class QuestionsPane extends VBox {

    private final Session session;
    private final LogActions actions;
    private final VBox asked = new VBox();
    private final ChoiceField posture = new ChoiceField(Words.of("log.question_about"));
    private final TextField fresh = new TextField();
    private final TextField search = new TextField();
    private final VBox found = new VBox();
    private List<Posture> postures = List.of();

    @SuppressWarnings("NullAway.Init") // told by the first show
    private Lesson shown;

    private int about;

    QuestionsPane(Session session, LogActions actions) {
        this.session = session;
        this.actions = actions;
        getStyleClass().add("log-pane");
        asked.getStyleClass().add("log-pane");
        fresh.setPromptText(Words.of("log.question_then_enter"));
        fresh.setAccessibleText(Words.of("log.question"));
        search.setPromptText(Words.of("log.find_question"));
        search.setAccessibleText(Words.of("log.find_question_2"));
        Texts.follow(fresh);
        fresh.setOnAction(_ -> ask());
        search.textProperty().addListener(_ -> search());
        getChildren().addAll(Texts.of(Words.of("log.questions"), "section"), asked, posture, fresh, search, found);
    }

    private void ask() {
        if (!fresh.getText().isBlank()) {
            Optional<Posture> of = about == 0 ? Optional.empty() : Optional.of(postures.get(about - 1));
            actions.ask(new Question(of.map(Posture::id), fresh.getText().strip(), ""));
            fresh.clear();
        }
    }

    private void search() {
        found.getChildren().clear();
        if (search.getText().isBlank()) {
            return;
        }
        List<Question> all =
                WatchFor.searched(search.getText(), session.project().lessons());
        all.forEach(one -> found.getChildren()
                .add(Texts.wrapped(
                        one.asked() + (one.open() ? Words.of("log.open") : " — " + one.answer()), "watch-line")));
        if (all.isEmpty()) {
            found.getChildren().add(Texts.wrapped(Words.of("log.nobody_has_asked"), "quiet"));
        }
    }

    void show(Lesson lesson) {
        boolean other = shown == null || !shown.id().equals(lesson.id());
        shown = lesson;
        postures = session.lessons().postures(lesson);
        List<String> words = new ArrayList<>(List.of(Words.of("log.about_no_posture")));
        postures.forEach(one -> words.add(Words.of("common.about", Words.name(one))));
        about = other || about >= words.size() ? 0 : about;
        posture.show(words, about, at -> about = at);
        List<Question> questions = lesson.log().map(LessonLog::questions).orElse(List.of());
        while (asked.getChildren().size() > questions.size()) {
            asked.getChildren().removeLast();
        }
        while (asked.getChildren().size() < questions.size()) {
            asked.getChildren().add(new Row());
        }
        for (int i = 0; i < questions.size(); i++) {
            int at = i;
            ((Row) asked.getChildren().get(i)).show(questions.get(i), answer -> actions.answer(at, answer));
        }
        search();
    }

    private static final class Row extends VBox {

        private final Label question = Texts.wrapped("", "watch-line");
        private final EntryField answer =
                new EntryField(Words.of("log.answer"), Words.of("log.answer_now_or"), _ -> true);

        Row() {
            getChildren().addAll(question, answer);
        }

        void show(Question one, Consumer<String> take) {
            Texts.set(question, one.asked());
            answer.show(one.answer(), text -> {
                take.accept(text);
                return true;
            });
        }
    }
}
