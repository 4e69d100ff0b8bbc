package app.avrel.desktop.lessons;

import app.avrel.desktop.parts.Buttons;
import app.avrel.desktop.parts.Texts;
import app.avrel.desktop.parts.Tips;
import app.avrel.desktop.session.Desk;
import app.avrel.desktop.session.Session;
import app.avrel.desktop.words.Days;
import app.avrel.desktop.words.Words;
import app.avrel.lesson.Lesson;
import app.avrel.lesson.course.Course;
import app.avrel.lesson.log.LessonLog;
import app.avrel.project.Lessons;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.kordamp.ikonli.feather.Feather;

/** A course with its lessons: how full each is, and what became of it. Also shown beside the log. */
public final class CourseList extends VBox {

    /**
     * A lesson as it is listed.
     *
     * @param at its place among all lessons of the project
     * @param number in its course, from 1
     * @param share of its minutes that it takes
     */
    record Row(int at, int number, Lesson lesson, Optional<LocalDate> day, double share) {

        String state() {
            if (lesson.missed()) {
                return Words.of("lessons.missed");
            }
            int planned = (int) Math.round(share * lesson.minutes());
            if (lesson.taught()) {
                int over = lesson.log().map(LessonLog::seconds).orElse(0) / 60 - lesson.minutes();
                return over > 0 ? Words.of("lessons.over", over) : "✓";
            }
            return Words.of("lessons.min", (lesson.pinned() ? Words.of("lessons.pinned") : "") + planned);
        }
    }

    private final Session session;
    private final MenuButton course = new MenuButton();
    private final Label under = Texts.wrapped("", "posture-other");
    private final ListView<Row> list = new ListView<>();
    private final FlowPane foot = new FlowPane();
    private boolean showing;

    /** @param about asked to add a course, or to change the one given */
    public CourseList(Session session, Consumer<Optional<Course>> about) {
        this.session = session;
        getStyleClass().addAll("side-list", "course-list");
        course.getStyleClass().addAll("course-name", "flat", "wide-menu", "course-menu");
        course.setAccessibleText(Words.of("lessons.course"));
        course.setOnShowing(_ -> fill(about));
        course.getItems().add(new MenuItem(Words.of("lessons.new_course")));
        list.setCellFactory(_ -> new Cell());
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
        MenuItem item = new MenuItem(words);
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
        List<Row> rows = rows(desk);
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

    private List<Row> rows(Desk desk) {
        Lessons lessons = session.lessons();
        Optional<Course> shown = desk.course();
        List<LocalDate> days = shown.map(Course::dates).orElse(List.of());
        List<Row> rows = new ArrayList<>();
        List<Lesson> all = desk.project().lessons();
        for (int i = 0; i < all.size(); i++) {
            Lesson lesson = all.get(i);
            if (lesson.course().equals(shown.map(Course::id))) {
                int number = rows.size();
                Optional<LocalDate> day = lesson.log()
                        .map(LessonLog::date)
                        .or(() -> number < days.size() ? Optional.of(days.get(number)) : Optional.empty());
                double share = lessons.plan(lesson).seconds() / (lesson.minutes() * 60.0);
                rows.add(new Row(i, number + 1, lesson, day, share));
            }
        }
        return rows;
    }

    private static final class Cell extends ListCell<Row> {

        private final Label number = Texts.of("", "lesson-number");
        private final Label name = Texts.of("", "posture-name");
        private final Label state = Texts.of("", "lesson-state");
        private final LoadBar bar = new LoadBar();
        private final BorderPane box = new BorderPane();

        Cell() {
            HBox line = new HBox(bar, state);
            line.setAlignment(Pos.CENTER_LEFT);
            HBox.setHgrow(bar, Priority.ALWAYS);
            name.setMinWidth(0);
            name.setMaxWidth(Double.MAX_VALUE);
            state.setMinWidth(Label.USE_PREF_SIZE);
            VBox right = new VBox(name, line);
            right.getStyleClass().add("lesson-row");
            box.setLeft(number);
            box.setCenter(right);
            box.setPrefWidth(10);
        }

        @Override
        protected void updateItem(Row row, boolean empty) {
            super.updateItem(row, empty);
            setText(null);
            setGraphic(empty || row == null ? null : box);
            if (!empty && row != null) {
                number.setText(Integer.toString(row.number()));
                Texts.set(name, row.lesson().title());
                state.setText(row.state());
                bar.show(row.share());
                setAccessibleText(
                        Words.of("lessons.lesson", row.number(), row.lesson().title(), row.state()));
                box.setOpacity(row.lesson().log().isPresent() ? 0.8 : 1);
                row.day().ifPresent(day -> Tips.give(name, Days.brief(day)));
            }
        }
    }
}
