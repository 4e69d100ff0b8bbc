package app.avrel.desktop;

import static app.avrel.desktop.Keyboard.read;
import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.desktop.parts.Pills;
import app.avrel.desktop.ribbon.Ribbon;
import app.avrel.desktop.shell.RoomName;
import app.avrel.desktop.stagefloor.WalkView;
import app.avrel.files.Demo;
import app.avrel.project.Project;
import java.util.ArrayList;
import java.util.List;
import javafx.event.Event;
import javafx.scene.Node;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.ToggleButton;
import javafx.scene.image.WritableImage;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import javafx.stage.Stage;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

/** The pictures of a form: one looks nearer and further, and comes back to the whole. */
@ExtendWith(ApplicationExtension.class)
class WalkAndRibbonTest {

    private static final Project DEMO = Demo.project();

    private Workplace workplace;

    @Start
    void open(Stage stage) {
        workplace = Workplace.open(stage, DEMO);
    }

    @BeforeEach
    void inTheFormRoom(FxRobot robot) {
        robot.interact(() -> workplace.shell.go(RoomName.FORM));
        WaitForAsyncUtils.waitForFxEvents();
    }

    private WalkView walk() {
        return read(() -> (WalkView) workplace.shell.root().lookup(".walk"));
    }

    private Ribbon ribbon() {
        return read(() -> (Ribbon) workplace.shell.root().lookup(".ribbon"));
    }

    /** How a picture looks: every seventh point of it. */
    private List<Integer> look(FxRobot robot, Node picture) {
        List<Integer> points = new ArrayList<>();
        robot.interact(() -> {
            WritableImage image = picture.snapshot(null, null);
            for (int y = 0; y < image.getHeight(); y += 7) {
                for (int x = 0; x < image.getWidth(); x += 7) {
                    points.add(image.getPixelReader().getArgb(x, y));
                }
            }
        });
        return points;
    }

    private void press(FxRobot robot, Node on, KeyCode key) {
        robot.interact(
                () -> Event.fireEvent(on, new KeyEvent(KeyEvent.KEY_PRESSED, "", "", key, false, false, false, false)));
        WaitForAsyncUtils.waitForFxEvents();
    }

    private void mouse(
            FxRobot robot, Node on, javafx.event.EventType<MouseEvent> what, double x, double y, int clicks) {
        robot.interact(() -> Event.fireEvent(
                on,
                new MouseEvent(
                        what,
                        x,
                        y,
                        x,
                        y,
                        MouseButton.PRIMARY,
                        clicks,
                        false,
                        false,
                        false,
                        false,
                        true,
                        false,
                        false,
                        false,
                        false,
                        true,
                        null)));
        WaitForAsyncUtils.waitForFxEvents();
    }

    @Test
    void plusLooksNearerAndNoughtShowsTheWholeAgain(FxRobot robot) {
        List<Integer> whole = look(robot, walk());
        press(robot, walk(), KeyCode.PLUS);
        press(robot, walk(), KeyCode.PLUS);
        assertThat(look(robot, walk())).isNotEqualTo(whole);
        press(robot, walk(), KeyCode.DIGIT0);
        assertThat(look(robot, walk())).isEqualTo(whole);
    }

    @Test
    void aDoubleClickShowsTheWholeWhereverOneHadPulled(FxRobot robot) {
        robot.interact(walk()::requestFocus);
        List<Integer> whole = look(robot, walk());
        press(robot, walk(), KeyCode.PLUS);
        mouse(robot, walk(), MouseEvent.MOUSE_PRESSED, 3, 3, 1);
        mouse(robot, walk(), MouseEvent.MOUSE_DRAGGED, 60, 80, 1);
        assertThat(look(robot, walk())).isNotEqualTo(whole);
        mouse(robot, walk(), MouseEvent.MOUSE_PRESSED, 3, 3, 2);
        assertThat(look(robot, walk())).isEqualTo(whole);
    }

    @Test
    void lookingAroundChangesNoRecordAndNoChoice(FxRobot robot) {
        var choice = read(() -> workplace.session.choice());
        press(robot, walk(), KeyCode.PLUS);
        press(robot, walk(), KeyCode.MINUS);
        assertThat(read(() -> workplace.session.project())).isEqualTo(DEMO);
        assertThat(read(() -> workplace.session.choice())).isEqualTo(choice);
    }

    @Test
    void theRibbonOfAFormHasButtonsToLookNearer(FxRobot robot) {
        List<ButtonBase> nearness = read(() ->
                ribbon().lookupAll(".pill").stream().map(ButtonBase.class::cast).toList());
        assertThat(nearness).extracting(ButtonBase::getText).containsExactly("−", "+");
        List<Integer> whole = look(robot, ribbon());
        robot.interact(nearness.getLast()::fire);
        press(robot, ribbon(), KeyCode.HOME);
        assertThat(look(robot, ribbon())).isNotEqualTo(whole);
    }

    @Test
    void theRibbonOfOnePostureHasNone(FxRobot robot) {
        robot.interact(() -> workplace.shell.go(RoomName.POSTURES));
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(read(() -> ribbon().lookup(".ribbon-zoom").isVisible())).isFalse();
    }

    @Test
    void ofARowOfButtonsTheOneThatIsShownStaysDown(FxRobot robot) {
        Pills row = read(Pills::new);
        List<Integer> chosen = new ArrayList<>();
        robot.interact(() -> row.of(List.of("one", "two", "three"), "Which", at -> {
            chosen.add(at);
            row.down(at);
        }));
        List<ToggleButton> buttons =
                row.getChildren().stream().map(ToggleButton.class::cast).toList();
        robot.interact(buttons.get(1)::fire);
        robot.interact(buttons.get(1)::fire);
        assertThat(chosen).containsExactly(1, 1);
        assertThat(row.down()).isEqualTo(1);
        assertThat(buttons).extracting(ToggleButton::isSelected).containsExactly(false, true, false);
        robot.interact(() -> row.down(-1));
        assertThat(buttons).noneMatch(ToggleButton::isSelected);
        assertThat(buttons)
                .extracting(ToggleButton::getAccessibleText)
                .containsExactly("Which: one", "Which: two", "Which: three");
    }

    @Test
    void oneThatDoesNotTakeWhatIsPressedStaysAsItWas(FxRobot robot) {
        Pills row = read(Pills::new);
        robot.interact(() -> row.with("refuses", "Refuses", () -> {}));
        ToggleButton button = (ToggleButton) row.getChildren().getFirst();
        robot.interact(button::fire);
        assertThat(button.isSelected()).isFalse();
    }
}
