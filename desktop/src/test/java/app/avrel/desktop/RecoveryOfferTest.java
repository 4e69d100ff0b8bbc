package app.avrel.desktop;

import static app.avrel.desktop.Keyboard.read;
import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.files.Recovery;
import app.avrel.project.Project;
import app.avrel.project.Setting;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import java.util.stream.Stream;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

/** After a run that did not end in good order. */
@ExtendWith(ApplicationExtension.class)
class RecoveryOfferTest {

    private static final String NO_PROCESS = "999999999";

    private Workplace workplace;
    private Path left;

    @Start
    void open(Stage stage) {
        workplace = Workplace.open(stage, Project.empty("Evening hall", Setting.USUAL));
        left = workplace.folder.resolve("state").resolve("recovery");
    }

    @BeforeEach
    void workIsLeftFromAProcessThatIsGone() throws IOException {
        Files.createDirectories(left);
        Path scratch = workplace.folder.resolve("scratch");
        try (Recovery recovery = new Recovery(scratch)) {
            recovery.keep(Project.empty("Work of yesterday", Setting.USUAL), Optional.empty());
        }
        try (Stream<Path> kept = Files.list(scratch)) {
            for (Path file : kept.toList()) {
                Files.copy(file, left.resolve(file.getFileName().toString().replaceFirst("\\d+", NO_PROCESS)));
            }
        }
        read(() -> {
            workplace.shell.files().offerRecovery();
            return true;
        });
        WaitForAsyncUtils.waitForFxEvents();
    }

    private boolean nothingIsLeft() {
        return Recovery.left(left).isEmpty();
    }

    @Test
    void theNextStartNamesTheWorkAndWhenItWasKept() {
        assertThat(read(() -> workplace.shell.root().lookupAll(".sheet-text").stream()
                        .map(node -> ((Label) node).getText())
                        .findFirst()
                        .orElseThrow()))
                .startsWith("“Work of yesterday” was kept as it was on ")
                .endsWith(", never saved in a file. Recover?");
    }

    @Test
    void enterTakesItUpAgainAsUnsavedWork(FxRobot robot) {
        new Keyboard(robot).press(KeyCode.ENTER);
        assertThat(workplace.session.project().name()).isEqualTo("Work of yesterday");
        assertThat(workplace.session.dirty()).isTrue();
        assertThat(nothingIsLeft()).isTrue();
    }

    @Test
    void escapeLeavesItForTheNextTime(FxRobot robot) {
        new Keyboard(robot).press(KeyCode.ESCAPE);
        assertThat(workplace.session.project().name()).isEqualTo("Evening hall");
        assertThat(nothingIsLeft()).isFalse();
    }
}
