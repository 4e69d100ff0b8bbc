package app.avrel.desktop;

import static app.avrel.desktop.Keyboard.read;
import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.posture.Posture;
import app.avrel.project.Project;
import app.avrel.project.Setting;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import javafx.collections.SetChangeListener;
import javafx.css.PseudoClass;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.text.Text;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

/** The first minutes with an empty project: what stands there, what is typed, what is not understood. */
@ExtendWith(ApplicationExtension.class)
class NewProjectStoryTest {

    private Workplace workplace;

    @Start
    void open(Stage stage) {
        workplace = Workplace.open(stage, Project.empty("Evening hall", Setting.USUAL));
    }

    private Parent root() {
        return workplace.shell.root();
    }

    private TextField line() {
        return read(() -> (TextField) root().lookup(".typed-row > .text-field"));
    }

    private List<Posture> postures() {
        return read(() -> workplace.session.project().postures());
    }

    private void press(FxRobot robot, String words) {
        robot.interact(() -> Stream.of(".button", ".pill")
                .flatMap(style -> root().lookupAll(style).stream())
                .map(ButtonBase.class::cast)
                .filter(button -> button.isVisible() && words.equals(button.getText()))
                .findFirst()
                .orElseThrow()
                .fire());
    }

    private String readBack() {
        return read(() -> {
            StringBuilder said = new StringBuilder();
            for (String style : List.of(".read-back-said", ".read-back-assumed")) {
                root().lookupAll(style).forEach(node -> said.append(((Text) node).getText()));
            }
            return said + ((ButtonBase) root().lookup(".not-recorded")).getText();
        });
    }

    private boolean beginCardIsThere() {
        return read(() -> root().lookup(".begin-card").isVisible());
    }

    private void type(FxRobot robot, String words) {
        robot.interact(() -> {
            line().requestFocus();
            line().setText(words);
        });
        WaitForAsyncUtils.waitForFxEvents();
    }

    @Test
    void anExampleIsTakenWithTwoPressesAndTheCardIsGone(FxRobot robot) {
        assertThat(beginCardIsThere()).isTrue();
        press(robot, "right heel out to 1, shoulder wide, then shift 65 right");
        assertThat(line().getText()).startsWith("right heel out to 1");
        new Keyboard(robot).press(KeyCode.ENTER);
        assertThat(postures()).hasSize(1);
        assertThat(postures().getFirst().counts()).hasSize(1);
        assertThat(beginCardIsThere()).isFalse();
        assertThat(line().getText()).isEmpty();
    }

    @Test
    void whoeverTypesWithoutAPostureGetsOne(FxRobot robot) {
        type(robot, "shift 100 left");
        new Keyboard(robot).press(KeyCode.ENTER);
        assertThat(postures()).singleElement().satisfies(posture -> {
            assertThat(posture.name()).isEqualTo("New posture");
            assertThat(posture.counts()).hasSize(1);
        });
    }

    @Test
    void whatIsUnderstoodIsSaidAgainAndWhatTheHouseAddsBesideIt(FxRobot robot) {
        type(robot, "right foot forward, then shift 60 right");
        assertThat(readBack())
                .contains("right foot steps forward")
                .contains("shift 60 right")
                .contains("foot-lengths long")
                .contains("the house's usual")
                .contains("not recorded yet: Enter");
        type(robot, "right foot forward 2 foot lengths, shoulder wide");
        assertThat(readBack()).doesNotContain("foot-lengths long");
    }

    @Test
    void aRefusedEnterGoesToTheWordAndLosesNothing(FxRobot robot) {
        type(robot, "shift 60 right, 17 zorks wide");
        List<String> shown = new ArrayList<>();
        robot.interact(() -> line().getPseudoClassStates().addListener((SetChangeListener<PseudoClass>)
                change -> shown.add(String.valueOf(change.getElementAdded()))));
        new Keyboard(robot).press(KeyCode.ENTER);
        assertThat(line().getText()).isEqualTo("shift 60 right, 17 zorks wide");
        assertThat(postures().getFirst().counts()).isEmpty();
        assertThat(read(() -> List.copyOf(shown))).as("for a moment").contains("refused");
    }

    @Test
    void whatIsOnlyTypedIsSaidNotToBeRecorded(FxRobot robot) {
        type(robot, "shift 100 left");
        assertThat(read(() -> workplace.session.desk().get().shownOnly())).isTrue();
        new Keyboard(robot).press(KeyCode.ENTER);
        assertThat(read(() -> workplace.session.desk().get().shownOnly())).isFalse();
        assertThat(read(() -> root().lookup(".not-recorded").isVisible())).isFalse();
    }

    @Test
    void escapeLeavesNothingBehind(FxRobot robot) {
        type(robot, "shift 100 left");
        new Keyboard(robot).press(KeyCode.ESCAPE);
        assertThat(line().getText()).isEmpty();
        assertThat(postures().getFirst().counts()).isEmpty();
        assertThat(read(() -> workplace.session.desk().get().shownOnly())).isFalse();
    }

    @Test
    void theDemoAndNotesAreOnePressAway(FxRobot robot) {
        press(robot, "Paste notes…");
        assertThat(read(() -> root().lookup(".notes-text") != null)).isTrue();
        new Keyboard(robot).press(KeyCode.ESCAPE);
        press(robot, "Open the demo");
        assertThat(postures()).hasSizeGreaterThan(10);
        assertThat(beginCardIsThere()).isFalse();
    }

    @Test
    void theStateAndTheFiguresAreSaidInFewWords(FxRobot robot) {
        type(robot, "right foot forward 1.5 foot lengths, shoulder wide; shift 65 right");
        new Keyboard(robot).press(KeyCode.ENTER);
        List<String> said = read(() -> root().lookupAll(".room-figures").stream()
                .filter(Node::isVisible)
                .map(node -> ((Label) node).getText())
                .toList());
        assertThat(said).anyMatch(words -> words.matches(".*\\d+ cm long, \\d+ cm wide · hips .* lower.*"));
        assertThat(said).noneMatch(words -> words.contains("pelvis"));
    }

    private boolean inTheLine() {
        return read(() -> line().isFocused());
    }

    @Test
    void theKeyboardBeginsInTheLine(FxRobot robot) {
        robot.interact(() -> workplace.shell.begin());
        assertThat(inTheLine()).isTrue();
        robot.interact(() -> workplace.session.start(Project.empty("Another hall", Setting.USUAL), Optional.empty()));
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(inTheLine()).isTrue();
    }

    @Test
    void aNewPostureIsNamedFirstAndEnterGoesOnToTheLine(FxRobot robot) {
        Keyboard keyboard = new Keyboard(robot);
        keyboard.press(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.N);
        assertThat(inTheLine()).isFalse();
        keyboard.type("Greet the Tide");
        keyboard.press(KeyCode.ENTER);
        assertThat(inTheLine()).isTrue();
        assertThat(postures()).extracting(Posture::name).containsExactly("Greet the Tide");
    }

    @Test
    void newPosturesCanBeToldApart(FxRobot robot) {
        for (int i = 0; i < 3; i++) {
            press(robot, "New posture");
        }
        assertThat(postures())
                .extracting(Posture::name)
                .containsExactly("New posture", "New posture 2", "New posture 3");
    }

    @Test
    void whatIsTypedCanBeRecordedByAPress(FxRobot robot) {
        type(robot, "shift 100 left");
        press(robot, "not recorded yet: Enter");
        assertThat(postures().getFirst().counts()).hasSize(1);
        assertThat(line().getText()).isEmpty();
    }
}
