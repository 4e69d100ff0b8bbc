package app.avrel.desktop.lessons;

import app.avrel.desktop.parts.Buttons;
import app.avrel.desktop.parts.Texts;
import app.avrel.desktop.session.Choice;
import app.avrel.desktop.session.Session;
import app.avrel.form.Form;
import app.avrel.lesson.Lesson;
import app.avrel.lesson.LessonDraft;
import app.avrel.lesson.Segment;
import app.avrel.project.Edit;
import java.util.ArrayList;
import java.util.List;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.kordamp.ikonli.feather.Feather;

/** The lessons, in order. */
final class LessonList extends VBox {

    private static final int USUAL_MINUTES = 50;

    private final Session session;
    private final ListView<Lesson> list = new ListView<>();
    private boolean showing;

    LessonList(Session session) {
        this.session = session;
        getStyleClass().add("side-list");
        list.setCellFactory(_ -> new Cell());
        list.setAccessibleText("Lessons");
        list.setPlaceholder(Texts.wrapped("No lesson yet. Press “New lesson” for a draft of the next one.", "empty"));
        list.getSelectionModel().selectedIndexProperty().addListener((_, _, at) -> {
            if (!showing && at.intValue() >= 0) {
                session.choose(session.choice().withLesson(at.intValue()));
            }
        });
        VBox.setVgrow(list, Priority.ALWAYS);
        FlowPane foot = new FlowPane(
                Buttons.words("New lesson", "Draft the next lesson (Ctrl+Shift+N)", this::create),
                Buttons.icon(Feather.TRASH_2, "Delete this lesson", this::delete));
        foot.getStyleClass().add("list-foot");
        VBox head = new VBox(Texts.of("Lessons", "card-title"));
        head.getStyleClass().add("list-head");
        getChildren().addAll(head, list, foot);
    }

    void show(Session.Desk desk) {
        showing = true;
        if (!list.getItems().equals(desk.project().lessons())) {
            list.getItems().setAll(desk.project().lessons());
        }
        list.getSelectionModel().select(desk.choice().lesson());
        showing = false;
    }

    /** Drafts a lesson whose new posture is the one after those of the lessons so far. */
    void create() {
        Form form = session.desk().get().form();
        int covered = session.project().lessons().stream()
                .filter(lesson -> lesson.form().equals(form.id()))
                .flatMap(lesson -> lesson.segments().stream())
                .filter(segment -> segment instanceof Segment.OfForm of && of.purpose() == Segment.Purpose.NEW_POSTURE)
                .mapToInt(segment ->
                        form.indexOf(((Segment.OfForm) segment).last()).orElse(-1))
                .max()
                .orElse(-1);
        int at = session.project().lessons().size();
        Lesson draft = LessonDraft.of(form, covered + 1, "Lesson " + (at + 1), USUAL_MINUTES);
        session.apply(
                Edit.of("Add a lesson", project -> {
                    List<Lesson> lessons = new ArrayList<>(project.lessons());
                    lessons.add(draft);
                    return project.withLessons(lessons);
                }),
                session.choice().withLesson(at));
    }

    private void delete() {
        Choice choice = session.choice();
        if (choice.lesson() >= 0) {
            session.apply(Edit.of("Delete a lesson", project -> {
                List<Lesson> lessons = new ArrayList<>(project.lessons());
                lessons.remove(choice.lesson());
                return project.withLessons(lessons);
            }));
        }
    }

    private static final class Cell extends ListCell<Lesson> {

        private final Label name = Texts.of("", "posture-name");
        private final Label minutes = Texts.of("", "posture-other");
        private final VBox box = new VBox(name, minutes);

        Cell() {
            box.setPrefWidth(10);
        }

        @Override
        protected void updateItem(Lesson lesson, boolean empty) {
            super.updateItem(lesson, empty);
            setText(null);
            setGraphic(empty || lesson == null ? null : box);
            if (!empty && lesson != null) {
                Texts.set(name, lesson.title());
                minutes.setText(lesson.minutes() + " min · " + lesson.segments().size() + " segments");
            }
        }
    }
}
