package app.avrel.desktop.lessons;

import app.avrel.desktop.parts.Buttons;
import app.avrel.desktop.parts.Texts;
import app.avrel.desktop.session.Desk;
import app.avrel.desktop.session.Session;
import app.avrel.desktop.words.Days;
import app.avrel.desktop.words.Words;
import app.avrel.lesson.Lesson;
import app.avrel.lesson.course.Course;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.control.Label;
import javafx.scene.control.ListView;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.kordamp.ikonli.feather.Feather;

/** A course with its lessons: how full each is, and what became of it. Also shown beside the log. */
public final class CourseList extends VBox {

    private final Session session;
    private final MenuButton course = new MenuButton();
    private final Label under = Texts.wrapped("", "posture-other");
    private final ListView<LessonLine> list = new ListView<>();
    private final FlowPane foot = new FlowPane();
    private boolean showing;

    /** @param about asked to add a course, or to change the one given */
    public CourseList(Session session, Consumer<Optional<Course>> about) {
        this.session = session;
        getStyleClass().addAll("side-list", "course-list");
        course.getStyleClass().addAll("course-name", "flat", "wide-menu", "course-menu");
        course.setAccessibleText(Words.of("lessons.course"));
        course.setOnShowing(_ -> fill(about));
        course.getItems().add(Texts.item(Words.of("lessons.new_course")));
        list.setCellFactory(_ -> new LessonCell());
        list.setAccessibleText(Words.of("common.lessons"));
        list.setPlaceholder(Texts.wrapped(Words.of("lessons.no_lesson_yet"), "empty"));
        list.getSelectionModel().selectedItemProperty().addListener((_, _, row) -> {
            if (!showing && row != null) {
                session.choose(session.choice().withLesson(row.at()));
            }
        });
        VBox.setVgrow(list, Priority.ALWAYS);
        foot.getStyleClass().add("list-foot");
        VBox head = new VBox(course, under);
        head.getStyleClass().add("list-head");
        getChildren().addAll(head, list, foot);
    }

    /** Puts buttons under the list. */
    void foot(LessonActions actions, Runnable replan) {
        foot.getChildren()
                .setAll(
                        Buttons.words(
                                Words.of("lessons.new_lesson"),
                                Words.of("lessons.make_next_lesson"),
                                actions::addLesson),
                        Buttons.words(Words.of("lessons.re_plan"), Words.of("lessons.plan_left"), replan),
                        Buttons.icon(Feather.TRASH_2, Words.of("lessons.delete_lesson"), actions::deleteLesson));
    }

    private void fill(Consumer<Optional<Course>> about) {
        course.getItems().clear();
        for (Course one : session.project().courses()) {
            item(one.name(), () -> first(Optional.of(one)));
        }
        if (session.project().lessons().stream()
                .anyMatch(lesson -> lesson.course().isEmpty())) {
            item(Words.of("lessons.single_lessons"), () -> first(Optional.empty()));
        }
        session.desk()
                .get()
                .course()
                .ifPresent(one -> item(Words.of("lessons.change_course"), () -> about.accept(Optional.of(one))));
        item(Words.of("lessons.new_course"), () -> about.accept(Optional.empty()));
    }

    private void item(String words, Runnable action) {
        MenuItem item = Texts.item(words);
        item.setOnAction(_ -> action.run());
        course.getItems().add(item);
    }

    /** Goes to the first lesson of a course, or of those of none. */
    private void first(Optional<Course> of) {
        List<Lesson> all = session.project().lessons();
        for (int i = 0; i < all.size(); i++) {
            if (all.get(i).course().equals(of.map(Course::id))) {
                session.choose(session.choice().withLesson(i));
                return;
            }
        }
    }

    public void show(Desk desk) {
        showing = true;
        Optional<Course> shown = desk.course();
        course.setText(shown.map(Course::name)
                .orElse(desk.lesson().isPresent() ? Words.of("lessons.single_lessons") : Words.of("lessons.courses")));
        under.setText(shown.map(CourseList::about).orElse(""));
        under.setManaged(shown.isPresent());
        List<LessonLine> rows = LessonLine.all(desk, session.lessons());
        if (!list.getItems().equals(rows)) {
            list.getItems().setAll(rows);
        }
        rows.stream()
                .filter(row -> row.at() == desk.choice().lesson())
                .findFirst()
                .ifPresent(row -> {
                    list.getSelectionModel().select(row);
                });
        showing = false;
    }

    private static String about(Course course) {
        return Words.of("lessons.min_from", course.count(), course.minutes(), Days.brief(course.first()));
    }
}
