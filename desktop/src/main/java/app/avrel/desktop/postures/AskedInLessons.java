package app.avrel.desktop.postures;

import app.avrel.desktop.parts.Texts;
import app.avrel.desktop.words.Words;
import app.avrel.lesson.Lesson;
import app.avrel.lesson.log.Question;
import app.avrel.lesson.log.WatchFor;
import app.avrel.posture.Posture;
import java.util.List;
import javafx.scene.layout.VBox;

/** What was asked of a posture in lessons, the newest first; nothing where nothing was. */
final class AskedInLessons extends VBox {

    AskedInLessons() {
        getStyleClass().add("posture-questions");
    }

    void show(Posture posture, List<Lesson> lessons) {
        List<Question> asked = WatchFor.about(posture.id(), lessons);
        getChildren().clear();
        if (!asked.isEmpty()) {
            getChildren().add(Texts.of(Words.of("postures.asked_lessons"), "section"));
            asked.forEach(one -> getChildren()
                    .add(Texts.wrapped(
                            one.asked() + (one.open() ? Words.of("postures.open_answer_log") : " — " + one.answer()),
                            "asked-line")));
        }
    }
}
