package app.avrel.desktop;

import static app.avrel.desktop.Keyboard.read;
import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.project.Project;
import app.avrel.project.Setting;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import javafx.stage.Window;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;

/** The start of the story in a real window: needs a display, and a window manager on it. */
@Tag("realwindow")
@ExtendWith(ApplicationExtension.class)
class RealWindowTest {

    private Workplace workplace;

    @Start
    void open(Stage stage) {
        workplace = Workplace.open(stage, Project.empty("Evening hall", Setting.USUAL));
    }

    @Test
    void aPostureIsRecordedInARealWindow(FxRobot robot) {
        assertThat(read(() -> Window.getWindows().getFirst().isShowing())).isTrue();
        Keyboard keys = new Keyboard(robot);
        keys.ctrlShift(KeyCode.N).type("Lift the Latch");
        keys.ctrl(KeyCode.ENTER).ctrl(KeyCode.M).menu(2).type("all left");
        var posture = workplace.session.project().postures().getFirst();
        assertThat(posture.name()).isEqualTo("Lift the Latch");
        assertThat(posture.counts()).hasSize(1);
        assertThat(posture.counts().getFirst().moves()).hasSize(1);
    }
}
