package app.avrel.desktop;

import static app.avrel.desktop.Keyboard.read;
import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.desktop.exchange.NotesSheet;
import app.avrel.desktop.parts.Sheet;
import app.avrel.project.Project;
import app.avrel.project.Setting;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.StackPane;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

@ExtendWith(ApplicationExtension.class)
class SheetFocusTest {

    private Workplace workplace;

    @Start
    void open(Stage stage) {
        workplace = Workplace.open(stage, Project.empty("Evening hall", Setting.USUAL));
    }

    private boolean sheetIsOpen() {
        return read(() -> workplace.shell.root().lookup(".sheet-shade") != null);
    }

    private boolean focusIsInTheSheet() {
        return read(() -> {
            Node owner = workplace.shell.root().getScene().getFocusOwner();
            for (Node node = owner; node != null; node = node.getParent()) {
                if (node instanceof Sheet) {
                    return true;
                }
            }
            return false;
        });
    }

    @Test
    void tabGoesRoundWithinTheSheetAndEscapePutsItAway(FxRobot robot) {
        Keyboard keys = new Keyboard(robot);
        keys.ctrl(KeyCode.N);
        assertThat(sheetIsOpen()).isTrue();
        for (int i = 0; i < 25; i++) {
            keys.press(KeyCode.TAB);
            assertThat(focusIsInTheSheet()).as("after %d tabs", i + 1).isTrue();
        }
        keys.press(KeyCode.ESCAPE);
        assertThat(sheetIsOpen()).isFalse();
    }

    @Test
    void commandsWaitWhileASheetAsks(FxRobot robot) {
        Keyboard keys = new Keyboard(robot);
        keys.ctrl(KeyCode.N);
        keys.ctrlShift(KeyCode.N);
        assertThat(workplace.session.project().postures()).isEmpty();
        keys.press(KeyCode.ESCAPE).ctrlShift(KeyCode.N);
        assertThat(workplace.session.project().postures()).hasSize(1);
    }

    @Test
    void notesCanBeTypedAtOnceAndAreOnlyRecordedWhereSomethingIsWritten(FxRobot robot) {
        Keyboard keys = new Keyboard(robot);
        robot.interact(() -> NotesSheet.open(workplace.session, (StackPane) workplace.shell.root(), ""));
        WaitForAsyncUtils.waitForFxEvents();
        Button record = read(() -> (Button) workplace.shell.root().lookup(".sheet-buttons .accent"));
        assertThat(read(record::isDisabled)).isTrue();
        keys.type("# Cross the Ford");
        assertThat(read(record::isDisabled)).isFalse();
        robot.interact(record::fire);
        assertThat(workplace.session.project().postures())
                .extracting(posture -> posture.names().getFirst().written())
                .containsExactly("Cross the Ford");
    }
}
