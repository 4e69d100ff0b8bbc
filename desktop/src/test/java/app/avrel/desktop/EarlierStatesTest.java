package app.avrel.desktop;

import static app.avrel.desktop.Keyboard.read;
import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.files.Demo;
import app.avrel.files.ProjectFile;
import app.avrel.files.Snapshots;
import app.avrel.posture.PostureId;
import app.avrel.project.Project;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.concurrent.TimeUnit;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

/** An instructor who has spoilt a posture finds it as it was yesterday. */
@ExtendWith(ApplicationExtension.class)
class EarlierStatesTest {

    private static final PostureId SPOILT = new PostureId("wade-back");

    private Workplace workplace;

    @Start
    void open(Stage stage) {
        workplace = Workplace.open(stage, Demo.project());
    }

    private static Project spoilt() {
        return Demo.project().changePosture(SPOILT, posture -> posture.withCounts(List.of()));
    }

    private List<String> rows() {
        return read(() -> workplace.shell.root().lookupAll(".earlier-row .sheet-text").stream()
                .map(node -> ((Label) node).getText())
                .toList());
    }

    private List<Button> buttons() {
        return read(() -> workplace.shell.root().lookupAll(".earlier-row .button").stream()
                .map(Button.class::cast)
                .toList());
    }

    @Test
    void yesterdaysStateSaysWhatHasChangedAndCanBeGoneBackTo(FxRobot robot) throws Exception {
        Keyboard keyboard = new Keyboard(robot);
        keyboard.press(KeyCode.CONTROL, KeyCode.S);
        Path file = workplace.session.file().get().orElseThrow();
        Snapshots kept = new Snapshots(workplace.folder.resolve("state").resolve("earlier"));
        kept.keep(file, Instant.now().minus(Duration.ofHours(26)));
        ProjectFile.save(spoilt(), file);
        read(() -> workplace.session.open(file));
        keyboard.press(KeyCode.CONTROL, KeyCode.ALT, KeyCode.H);
        WaitForAsyncUtils.waitFor(20, TimeUnit.SECONDS, () -> buttons().size() == 4);
        assertThat(rows()).hasSize(2).allMatch(row -> row.equals("since then changed: the posture “Wade Back”"));
        read(() -> {
            buttons().getLast().fire();
            return true;
        });
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(workplace.session.project()).isEqualTo(Demo.project());
        keyboard.press(KeyCode.CONTROL, KeyCode.Z);
        assertThat(workplace.session.project()).isEqualTo(spoilt());
    }

    @Test
    void aProjectThatWasNeverSavedSaysHowStatesAreKept(FxRobot robot) {
        new Keyboard(robot).press(KeyCode.CONTROL, KeyCode.ALT, KeyCode.H);
        assertThat(read(() -> workplace.shell.root().lookupAll(".earlier .sheet-text").stream()
                        .map(node -> ((Label) node).getText())
                        .toList()))
                .anyMatch(text -> text.startsWith("There are none yet."));
    }
}
