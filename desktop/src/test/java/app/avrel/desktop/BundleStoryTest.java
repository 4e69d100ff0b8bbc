package app.avrel.desktop;

import static app.avrel.desktop.Keyboard.read;
import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.desktop.exchange.BundleSheet;
import app.avrel.files.Demo;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.StackPane;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

/** All of a project handed on as one file, and opened elsewhere. */
@ExtendWith(ApplicationExtension.class)
class BundleStoryTest {

    private Workplace workplace;

    @Start
    void open(Stage stage) {
        workplace = Workplace.open(stage, Demo.project());
    }

    private StackPane root() {
        return (StackPane) workplace.shell.root();
    }

    private void press(FxRobot robot, String words) {
        robot.interact(() -> root().lookupAll(".sheet-shade .button").stream()
                .map(Button.class::cast)
                .filter(button -> words.equals(button.getText()))
                .findFirst()
                .orElseThrow()
                .fire());
    }

    private boolean told(String words) {
        return read(() -> root().lookupAll(".sheet-shade .label").stream()
                .map(Label.class::cast)
                .anyMatch(label -> label.getText().startsWith(words)));
    }

    @Test
    void aBundleIsWrittenAndOpenedAsAProjectThatIsInNoFileYet(FxRobot robot) throws TimeoutException {
        robot.interact(
                () -> BundleSheet.open(workplace.session.project(), root(), () -> Optional.of(workplace.bundle())));
        press(robot, "Choose the file and write it");
        WaitForAsyncUtils.waitFor(30, TimeUnit.SECONDS, () -> told("It is written to "));
        robot.interact(
                () -> assertThat(workplace.session.open(workplace.bundle())).isEmpty());
        assertThat(read(() -> workplace.session.project())).isEqualTo(Demo.project());
        assertThat(read(() -> workplace.session.file().get())).isEmpty();
    }
}
