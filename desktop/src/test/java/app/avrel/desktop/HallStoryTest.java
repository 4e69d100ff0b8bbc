package app.avrel.desktop;

import static app.avrel.desktop.Keyboard.read;
import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.desktop.hall.HallView;
import app.avrel.desktop.shell.Shell;
import app.avrel.files.Demo;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;

/** Rehearsing in the hall, with a presenter's remote or the keys. */
@ExtendWith(ApplicationExtension.class)
class HallStoryTest {

    private Workplace workplace;

    @Start
    void open(Stage stage) {
        workplace = Workplace.open(stage, Demo.project());
    }

    @BeforeEach
    void inTheHall(FxRobot robot) {
        robot.interact(() -> {
            workplace.shell.go(Shell.RoomName.FORM);
            workplace.session.choose(workplace.session.choice().withEntry(0));
            workplace.shell.showHall();
        });
    }

    private String text(String styleClass) {
        return read(() -> ((Label) workplace.shell.root().lookup("." + styleClass)).getText());
    }

    @Test
    void aRemoteStepsThroughTheCountsAndSaysWhatComesNext(FxRobot robot) {
        assertThat(text("hall-posture")).isEqualTo("Open the Sluice");
        String next = text("hall-next");
        assertThat(next).startsWith("then: right foot out");
        new Keyboard(robot).press(KeyCode.PAGE_DOWN);
        assertThat(text("hall-words")).isEqualTo("right foot out");
        new Keyboard(robot).press(KeyCode.PAGE_UP);
        assertThat(text("hall-next")).isEqualTo(next);
    }

    @Test
    void theWordsCanBeHiddenToAskWhatComes(FxRobot robot) {
        new Keyboard(robot).press(KeyCode.H);
        assertThat(text("hall-words")).isEqualTo("…");
        assertThat(text("hall-next")).isEmpty();
        new Keyboard(robot).press(KeyCode.H);
        assertThat(text("hall-words")).isEqualTo("all left, sink");
    }

    @Test
    void whereThereIsNoSoundItSaysSoAndGoesOn(FxRobot robot) {
        new Keyboard(robot).press(KeyCode.V);
        assertThat(text("hall-tempo")).containsAnyOf("no sound here: the words are shown", "voice on");
        new Keyboard(robot).press(KeyCode.PAGE_DOWN);
        assertThat(text("hall-words")).isEqualTo("right foot out");
    }

    @Test
    void onePostureCanBePlayedOverAndOver(FxRobot robot) {
        new Keyboard(robot).press(KeyCode.L);
        assertThat(text("hall-tempo")).startsWith("this posture over and over");
        HallView hall = read(() -> (HallView) workplace.shell.root().lookup(".hall"));
        robot.interact(() -> hall.at(hall.counts() > 6 ? 4 : 0, 0.5));
        robot.interact(() -> hall.at(5, 0));
        assertThat(text("hall-posture")).isEqualTo("Open the Sluice");
    }

    @Test
    void escapeLeavesToTheRoomOneCameFrom(FxRobot robot) {
        new Keyboard(robot).press(KeyCode.ESCAPE);
        Node hall = read(() -> workplace.shell.root().lookup(".hall"));
        assertThat(hall).isNull();
    }
}
