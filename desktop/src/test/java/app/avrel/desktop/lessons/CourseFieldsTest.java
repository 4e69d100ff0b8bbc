package app.avrel.desktop.lessons;

import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.desktop.parts.ChoiceField;
import app.avrel.files.Demo;
import app.avrel.lesson.course.Course;
import app.avrel.lesson.course.TeachingFactors;
import app.avrel.project.Project;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicInteger;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.control.CheckBox;
import javafx.scene.control.TextField;
import javafx.scene.control.TitledPane;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;

/** The fields of a course: what is typed changes it, what cannot be is refused and changes nothing. */
@ExtendWith(ApplicationExtension.class)
class CourseFieldsTest {

    private static final Project DEMO = Demo.project();
    private static final Course BEFORE = DEMO.courses().getFirst();

    private final AtomicInteger told = new AtomicInteger();
    private CourseFields fields;

    @Start
    void open(Stage stage) {
        fields = new CourseFields(DEMO, BEFORE, told::incrementAndGet);
        stage.setScene(new Scene(fields, 500, 800));
        stage.show();
    }

    private <T extends Node> T called(Class<T> kind, String label) {
        return fields.lookupAll("*").stream()
                .filter(kind::isInstance)
                .map(kind::cast)
                .filter(node -> label.equals(node.getAccessibleText()))
                .findFirst()
                .orElseThrow();
    }

    private void type(FxRobot robot, String label, String text) {
        robot.interact(() -> {
            TextField field = called(TextField.class, label);
            field.requestFocus();
            field.setText(text);
        });
    }

    @Test
    void whatIsTypedIsTaken(FxRobot robot) {
        type(robot, "Name", "Friday evening");
        type(robot, "Begins at", "19:15");
        type(robot, "Minutes", "75");
        type(robot, "Pace, %", "80");
        assertThat(fields.course())
                .isEqualTo(BEFORE.withName("Friday evening")
                        .withAt(LocalTime.of(19, 15))
                        .withMinutes(75)
                        .withPace(0.8));
        assertThat(told.get()).isEqualTo(4);
    }

    @ParameterizedTest
    @CsvSource({
        "Name, ' '",
        "First lesson, tomorrow",
        "First lesson, 2026-02-30",
        "Begins at, 25:00",
        "Minutes, 0",
        "Minutes, 601",
        "Minutes, 49.5",
        "Pace, 40",
        "Lessons, 0",
        "Lessons, until spring",
        "No lesson on, Christmas"
    })
    void whatCannotBeChangesNothing(String label, String typed, FxRobot robot) {
        type(robot, label.equals("Pace") ? "Pace, %" : label, typed);
        assertThat(fields.course()).isEqualTo(BEFORE);
        assertThat(told.get()).isZero();
    }

    @Test
    void anotherFirstDayIsAnotherDayOfTheWeek(FxRobot robot) {
        type(robot, "First lesson", "2026-10-06");
        assertThat(fields.course().first()).isEqualTo(LocalDate.of(2026, 10, 6));
        assertThat(fields.course().days()).containsExactly(DayOfWeek.TUESDAY);
    }

    @Test
    void moreDaysAWeekAreTicked(FxRobot robot) {
        robot.interact(() -> fields.lookupAll(".check-box").stream()
                .map(CheckBox.class::cast)
                .filter(box -> box.getText().equals("Mon"))
                .forEach(CheckBox::fire));
        assertThat(fields.course().days()).containsExactly(DayOfWeek.MONDAY, DayOfWeek.THURSDAY);
        type(robot, "First lesson", "2026-10-06");
        assertThat(fields.course().days()).containsExactly(DayOfWeek.MONDAY, DayOfWeek.THURSDAY);
    }

    @Test
    void theNumberOfLessonsOrTheLastDay(FxRobot robot) {
        type(robot, "Lessons", "until 2026-12-24");
        assertThat(fields.course().until()).contains(LocalDate.of(2026, 12, 24));
        type(robot, "Lessons", "10");
        assertThat(fields.course().until()).isEqualTo(Optional.empty());
        assertThat(fields.course().lessons()).isEqualTo(10);
    }

    @Test
    void severalDaysWithoutALesson(FxRobot robot) {
        type(robot, "No lesson on", "2026-12-24, 2026-11-12");
        assertThat(fields.course().off()).isEqualTo(List.of(LocalDate.of(2026, 11, 12), LocalDate.of(2026, 12, 24)));
        type(robot, "No lesson on", "");
        assertThat(fields.course().off()).isEmpty();
    }

    @Test
    void theFormAndTheRecipeAreChosen(FxRobot robot) {
        robot.interact(
                () -> called(ChoiceField.class, "Form").getSelectionModel().select(1));
        robot.interact(
                () -> called(ChoiceField.class, "Recipe").getSelectionModel().select(2));
        assertThat(fields.course().form()).isEqualTo(DEMO.forms().get(1).id());
        assertThat(fields.course().recipe()).isEqualTo("By numbers");
    }

    @ParameterizedTest
    @CsvSource({
        "Seconds per beat, 5",
        "'An explained pass lasts, plain runs', 6",
        "'Feet alone, times', 3",
        "'Hands alone, times', 3",
        "'The whole, times', 6",
        "'The other side takes, %', 80",
        "'What is known takes, %', 30",
        "'A quarter turn, seconds more', 60",
        "'A second on one leg, seconds more', 9",
        "'Pause after a run, seconds', 45",
        "'Arriving, minutes', 8",
        "'Closing, minutes', 9",
        "'A name of the review list, seconds', 3",
        "Entries that are reviewed, 6",
        "Times of the review, 4"
    })
    void everyFigureOfWhatTeachingTakesMayBeOtherwise(String label, String typed, FxRobot robot) {
        robot.interact(() -> {
            TitledPane figures = (TitledPane) fields.lookup(".titled-pane");
            figures.setAnimated(false);
            figures.setExpanded(true);
            fields.applyCss();
            fields.layout();
        });
        type(robot, label, typed);
        assertThat(fields.course().factors()).isNotEqualTo(TeachingFactors.USUAL);
        assertThat(fields.course().withFactors(TeachingFactors.USUAL)).isEqualTo(BEFORE);
        TeachingFactors changed = fields.course().factors();
        type(robot, label, "-1");
        assertThat(fields.course().factors()).isEqualTo(changed);
    }
}
