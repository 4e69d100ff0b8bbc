package app.avrel.desktop;

import static app.avrel.desktop.Keyboard.read;
import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.desktop.session.Choice;
import app.avrel.desktop.shell.RoomName;
import app.avrel.files.Demo;
import app.avrel.lesson.Lesson;
import app.avrel.lesson.Segment;
import app.avrel.lesson.SegmentKind;
import app.avrel.lesson.course.Course;
import app.avrel.lesson.log.Question;
import app.avrel.lesson.log.Seen;
import app.avrel.posture.PostureId;
import app.avrel.project.Project;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.Labeled;
import javafx.scene.control.ListView;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

/** What an instructor does with lessons: makes one, prints it, teaches it, notes what went wrong, plans again. */
@ExtendWith(ApplicationExtension.class)
class LessonsStoryTest {

    private static final Project DEMO = Demo.project();

    private Workplace workplace;

    @Start
    void open(Stage stage) {
        workplace = Workplace.open(stage, DEMO);
    }

    @BeforeEach
    void inTheLessonsRoom(FxRobot robot) {
        robot.interact(() -> workplace.shell.go(RoomName.LESSONS));
        choose(robot, 5, 0);
    }

    private void choose(FxRobot robot, int lesson, int segment) {
        robot.interact(() -> workplace.session.choose(
                workplace.session.choice().withLesson(lesson).withSegment(segment)));
    }

    private Parent root() {
        return workplace.shell.root();
    }

    private Project project() {
        return read(() -> workplace.session.project());
    }

    private Lesson lesson() {
        return read(() -> workplace.session.desk().get().lesson().orElseThrow());
    }

    private List<String> words(String styleClass) {
        return read(() -> root().lookupAll("." + styleClass).stream()
                .filter(node -> node instanceof Label && node.isVisible())
                .map(node -> ((Label) node).getText())
                .toList());
    }

    private void fire(FxRobot robot, String words) {
        robot.interact(() -> root().lookupAll(".button").stream()
                .filter(node -> node.isVisible() && words.equals(((Labeled) node).getText()))
                .map(Button.class::cast)
                .forEach(Button::fire));
    }

    private <T extends Node> T called(Class<T> kind, String accessible) {
        return read(() -> root().lookupAll("*").stream()
                .filter(kind::isInstance)
                .map(kind::cast)
                .filter(node -> accessible.equals(node.getAccessibleText()))
                .findFirst()
                .orElseThrow());
    }

    private void type(FxRobot robot, TextField field, String text) {
        robot.interact(() -> {
            field.requestFocus();
            field.setText(text);
        });
    }

    @Test
    void fromANewLessonToItsSheetInFourCommands(FxRobot robot) throws TimeoutException, IOException {
        Keyboard keys = new Keyboard(robot);
        keys.ctrlShift(KeyCode.N).ctrl(KeyCode.P).press(KeyCode.ENTER);
        WaitForAsyncUtils.waitFor(
                60, TimeUnit.SECONDS, () -> Files.exists(workplace.sheet()) && Files.size(workplace.sheet()) > 1000);
        byte[] pdf = Files.readAllBytes(workplace.sheet());
        assertThat(new String(pdf, 0, 5, StandardCharsets.ISO_8859_1)).isEqualTo("%PDF-");
        assertThat(project().lessons()).hasSize(13);
    }

    @Test
    void aNewLessonIsFullOfWhatFitsAndCanBeUndone(FxRobot robot) {
        new Keyboard(robot).ctrlShift(KeyCode.N);
        assertThat(lesson().segments()).isNotEmpty();
        assertThat(read(() -> workplace.session.lessons().plan(lesson()).minutesLeft()))
                .isNotNegative();
        new Keyboard(robot).ctrl(KeyCode.Z);
        assertThat(project()).isEqualTo(DEMO);
    }

    @Test
    void theHeadSaysHowManyMinutesArePlannedAndWhatWouldBeCutFirst(FxRobot robot) {
        assertThat(words("room-state")).anyMatch(line -> line.contains(" of 50 min planned"));
        type(robot, called(TextField.class, "Minutes of the lesson"), "30");
        assertThat(words("room-state"))
                .anyMatch(line -> line.contains("too many. Cut first: Next time: Kick the Stone"));
        fire(robot, "Cut");
        assertThat(lesson().segments()).extracting(Segment::kind).doesNotContain(SegmentKind.PREVIEW);
    }

    @Test
    void aSegmentIsMovedSplitAndDeletedByKey(FxRobot robot) {
        List<Segment> before = lesson().segments();
        Keyboard keys = new Keyboard(robot);
        keys.press(KeyCode.ALT, KeyCode.DOWN);
        assertThat(lesson().segments().get(1)).isEqualTo(before.getFirst());
        keys.ctrl(KeyCode.DELETE);
        assertThat(lesson().segments()).hasSize(before.size() - 1).doesNotContain(before.getFirst());
    }

    @Test
    void theCardSaysWhatToWatchForAndForWhom(FxRobot robot) throws TimeoutException {
        choose(robot, 5, 4);
        WaitForAsyncUtils.waitFor(
                60,
                TimeUnit.SECONDS,
                () -> words("watch-line").stream()
                        .anyMatch(line -> line.startsWith("B, E · Low over the Stones: it sits deep")));
        assertThat(words("cue-opening")).anyMatch(line -> line.contains("\nYou stand: "));
        choose(robot, 6, 0);
        assertThat(words("watch-line"))
                .contains(
                        "Kick the Stone needs Pull the Bell Rope, which is not taught yet: it comes at 18 in the form.");
    }

    @Test
    void aLessonIsMadeAnewByAnotherRecipe(FxRobot robot) {
        new Keyboard(robot).ctrl(KeyCode.M);
        robot.interact(() -> root().lookupAll(".laid-sheet .check-box").stream()
                .map(CheckBox.class::cast)
                .filter(box -> box.getText().contains("Sweep the Reeds"))
                .forEach(CheckBox::fire));
        fire(robot, "Make it");
        assertThat(lesson().title()).isEqualTo("Low over the Stones");
        assertThat(lesson().brings()).hasSize(1);
    }

    @Test
    void theTeachersTicksMistakesAndQuestionsAreLogged(FxRobot robot) {
        Keyboard keys = new Keyboard(robot);
        keys.ctrl(KeyCode.T);
        assertThat(words("teach-clock").getFirst()).matches("0:0\\d");
        keys.press(KeyCode.PAGE_DOWN).press(KeyCode.PAGE_DOWN).press(KeyCode.PAGE_UP);
        assertThat(lesson().log().orElseThrow().ticks()).hasSize(1);
        fire(robot, "Low over the Stones: the trunk hangs over the long leg");
        robot.interact(() -> ((Button) root().lookup(".noted")).fire());
        assertThat(lesson().log().orElseThrow().seen()).extracting(Seen::times).containsExactly(2);
        TextField question = called(TextField.class, "A question");
        type(robot, question, "How low is low?");
        keys.press(KeyCode.ENTER);
        assertThat(lesson().log().orElseThrow().questions())
                .extracting(Question::asked)
                .containsExactly("How low is low?");
        TextField answer = called(TextField.class, "Answer");
        type(robot, answer, "As low as it is quiet.");
        assertThat(lesson().log().orElseThrow().questions().getFirst().open()).isFalse();
        ToggleButton there = called(ToggleButton.class, "A was there");
        robot.interact(there::fire);
        assertThat(lesson().log().orElseThrow().present()).containsExactly("A");
    }

    @Test
    void aMissedLessonIsPlannedAnewBeforeAndAfterSideBySide(FxRobot robot) {
        List<Object> before = List.copyOf(project().lessons().get(6).brings());
        robot.interact(() -> workplace.shell.go(RoomName.LOG));
        fire(robot, "Missed");
        assertThat(lesson().missed()).isTrue();
        robot.interact(() -> workplace.shell.go(RoomName.LESSONS));
        new Keyboard(robot).ctrlShift(KeyCode.R);
        assertThat(words("replan-changed")).isNotEmpty();
        fire(robot, "Plan it so");
        assertThat(project().lessons().get(6).brings()).isNotEqualTo(before);
        assertThat(project().lessons().get(6).brings())
                .startsWith(DEMO.lessons().get(5).brings().getFirst());
    }

    @Test
    void aCourseIsPlannedWithItsLessons(FxRobot robot) {
        new Keyboard(robot).ctrlShift(KeyCode.O);
        type(robot, called(TextField.class, "Minutes"), "25");
        assertThat(words("room-state"))
                .anyMatch(line -> line.startsWith("It does not fit. The least that would help: "));
        type(robot, called(TextField.class, "Minutes"), "60");
        assertThat(words("room-state")).anyMatch(line -> line.startsWith("It fits: the fullest lesson takes "));
        fire(robot, "Change and re-plan");
        Course course = project().courses().getFirst();
        assertThat(course.minutes()).isEqualTo(60);
        assertThat(project().lessons().stream().filter(one -> one.log().isEmpty()))
                .allMatch(one -> one.minutes() == 60);
    }

    @Test
    void theLogSaysWhatIsDueAndHowOftenItWentWrong(FxRobot robot) {
        robot.interact(() -> workplace.shell.go(RoomName.LOG));
        new Keyboard(robot).ctrl(KeyCode.I);
        assertThat(words("replan-changed")).contains("Open the Sluice · due", "Wade Back · due");
    }

    @Test
    void whatWasAskedOfAPostureIsFoundWithThePosture(FxRobot robot) {
        robot.interact(() -> {
            workplace.session.choose(
                    workplace.session.choice().withPosture(new PostureId("raise-the-sail"), Choice.START));
            workplace.shell.go(RoomName.POSTURES);
        });
        assertThat(words("asked-line")).containsExactly("May one do it without a staff? — open: answer it in the log");
    }

    @Test
    void aMistakeThatMovesShowIsLaidBesideWhatIsRight(FxRobot robot) {
        robot.interact(() -> {
            workplace.session.choose(
                    workplace.session.choice().withPosture(new PostureId("lean-on-the-gate"), Choice.START));
            workplace.shell.go(RoomName.POSTURES);
        });
        fire(robot, "Compare with the right one");
        assertThat(words("figure-wrong")).anyMatch(line -> line.contains("95 right"));
        assertThat(words("figure-right")).anyMatch(line -> line.contains("65 right"));
        assertThat(words("sheet-text")).contains("the weight goes all the way over the front foot");
    }

    @Test
    void whatIsDueIsReviewedWhereThereIsTime(FxRobot robot) {
        Lesson seventh = project().lessons().get(6);
        int review = seventh.segments().stream().map(Segment::kind).toList().indexOf(SegmentKind.REVIEW);
        choose(robot, 6, review);
        assertThat(words("watch-line")).anyMatch(line -> line.contains("Open the Sluice"));
        fire(robot, "Review these");
        assertThat(lesson().segments()).hasSizeGreaterThan(seventh.segments().size());
        assertThat(read(() -> workplace.session.lessons().plan(lesson()).minutesLeft()))
                .isNotNegative();
    }

    @Test
    void theCourseIsListedWithWhatBecameOfEachLesson() {
        ListView<?> list = called(ListView.class, "Lessons");
        assertThat(read(() -> list.getItems().size())).isEqualTo(12);
        assertThat(words("lesson-state")).contains("missed", "✓", "50 min");
    }
}
