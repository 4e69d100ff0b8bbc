package app.avrel.desktop.log;

import app.avrel.desktop.parts.Buttons;
import app.avrel.desktop.parts.EntryField;
import app.avrel.desktop.parts.Texts;
import app.avrel.desktop.session.Session;
import app.avrel.desktop.words.Words;
import app.avrel.lesson.Lesson;
import app.avrel.lesson.course.Syllabus;
import app.avrel.lesson.log.LessonLog;
import app.avrel.project.Learner;
import app.avrel.project.LessonEdits;
import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.List;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;

/** What is noted of a lesson: mistakes, questions, who was there, what was left over, a note. */
final class LogCard extends VBox {

    private final Session session;
    private final LogActions actions;
    private final EntryField day = new EntryField(Words.of("log.day_lesson"), "2026-10-08", _ -> false);
    private final MistakesPane mistakes;
    private final QuestionsPane questions;
    private final FlowPane present = new FlowPane();
    private final VBox left = new VBox();
    private final EntryField note = new EntryField(Words.of("common.note"), Words.of("log.note_on_lesson"), _ -> false);

    LogCard(Session session, LogActions actions) {
        this.session = session;
        this.actions = actions;
        mistakes = new MistakesPane(session, actions);
        questions = new QuestionsPane(session, actions);
        getStyleClass().add("log-card");
        present.getStyleClass().add("unit-boxes");
        left.getStyleClass().add("log-pane");
        getChildren()
                .addAll(
                        mistakes,
                        questions,
                        Texts.of(Words.of("log.left_another_lesson"), "section"),
                        left,
                        Texts.of(Words.of("log.there"), "section"),
                        present,
                        Texts.of(Words.of("log.day_note"), "section"),
                        day,
                        note,
                        Buttons.words(Words.of("log.clear_log"), Words.of("log.as_if_nothing"), actions::clear));
    }

    void show(Lesson lesson) {
        mistakes.show(lesson);
        questions.show(lesson);
        left(lesson);
        present(lesson);
        day.show(actions.day(lesson).toString(), this::day);
        note.show(lesson.log().map(LessonLog::note).orElse(""), text -> {
            actions.note(text);
            return true;
        });
    }

    private boolean day(String typed) {
        try {
            actions.date(LocalDate.parse(typed.strip()));
            return true;
        } catch (DateTimeParseException notOne) {
            return false;
        }
    }

    private void left(Lesson lesson) {
        left.getChildren().clear();
        Syllabus syllabus = session.lessons().syllabus(lesson);
        for (int unit : LessonEdits.units(syllabus, lesson.brings())) {
            var entry = syllabus.units().get(unit).entry();
            CheckBox box = new CheckBox(syllabus.units().get(unit).name());
            box.setSelected(lesson.log().map(log -> log.left().contains(entry)).orElse(false));
            box.setOnAction(_ -> actions.left(entry, box.isSelected()));
            left.getChildren().add(box);
        }
        if (left.getChildren().isEmpty()) {
            left.getChildren().add(Texts.wrapped(Words.of("log.nothing_was_new"), "quiet"));
        }
    }

    private void present(Lesson lesson) {
        present.getChildren().clear();
        List<String> there = lesson.log().map(LessonLog::present).orElse(List.of());
        for (Learner learner : session.project().learners()) {
            ToggleButton button = new ToggleButton(learner.label());
            button.setAccessibleText(Words.of("log.was_there", learner.label()));
            button.getStyleClass().add("there");
            button.setSelected(there.contains(learner.label()));
            button.setOnAction(_ -> actions.present(learner.label(), button.isSelected()));
            present.getChildren().add(button);
        }
        if (present.getChildren().isEmpty()) {
            present.getChildren().add(Texts.wrapped(Words.of("log.labels_come_from"), "quiet"));
        }
    }
}
