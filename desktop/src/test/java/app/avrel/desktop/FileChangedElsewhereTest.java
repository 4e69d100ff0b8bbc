package app.avrel.desktop;

import static app.avrel.desktop.Keyboard.read;
import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.files.Demo;
import app.avrel.files.Opened;
import app.avrel.files.ProjectFile;
import app.avrel.files.SafeFile;
import app.avrel.posture.PostureId;
import app.avrel.project.Edit;
import app.avrel.project.Project;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import javafx.scene.control.Button;
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

/** Two instructors have one file open, each at their own machine; whoever saves second is asked. */
@ExtendWith(ApplicationExtension.class)
class FileChangedElsewhereTest {

    private static final PostureId OURS = new PostureId("wade-back");
    private static final PostureId THEIRS = new PostureId("sweep-the-reeds");

    private Workplace workplace;
    private Keyboard keyboard;

    @Start
    void open(Stage stage) {
        workplace = Workplace.open(stage, Demo.project());
    }

    @BeforeEach
    void bothHaveItOpenAndTheySaveFirst(FxRobot robot) {
        keyboard = new Keyboard(robot);
        keyboard.press(KeyCode.CONTROL, KeyCode.S);
        assertThat(ProjectFile.save(theirs(), workplace.file)).isEmpty();
    }

    private static Project theirs() {
        return noted(Demo.project(), THEIRS, "theirs");
    }

    private static Project noted(Project project, PostureId id, String note) {
        return project.changePosture(id, posture -> posture.withNote(note));
    }

    private void weWorkOn(PostureId posture) {
        act(() -> workplace.session.apply(Edit.of("note", project -> noted(project, posture, "ours"))));
    }

    private static void act(Runnable action) {
        read(() -> {
            action.run();
            return true;
        });
        WaitForAsyncUtils.waitForFxEvents();
    }

    private Project inFile() {
        return ((Opened.Read) ProjectFile.open(workplace.file)).project();
    }

    private String note(PostureId posture) {
        return inFile().posture(posture).orElseThrow().note();
    }

    private List<String> told() {
        return read(() -> workplace.shell.root().lookupAll(".changed-there .sheet-text").stream()
                .map(node -> ((Label) node).getText())
                .toList());
    }

    private void answer(int fromTheRight) {
        act(() -> {
            List<Button> buttons = workplace.shell.root().lookupAll(".sheet-buttons .button").stream()
                    .map(Button.class::cast)
                    .toList();
            buttons.get(buttons.size() - fromTheRight).fire();
        });
    }

    @Test
    void savingPutsBothTogetherAndSaysWhatIsWhose() {
        weWorkOn(OURS);
        keyboard.press(KeyCode.CONTROL, KeyCode.S);
        assertThat(note(THEIRS)).as("nothing is written before it is answered").isEqualTo("theirs");
        assertThat(told()).containsSubsequence("the posture “Wade Back”", "the posture “Sweep the Reeds”");
        keyboard.press(KeyCode.ENTER);
        assertThat(note(OURS)).isEqualTo("ours");
        assertThat(note(THEIRS)).isEqualTo("theirs");
        assertThat(workplace.session.dirty()).isFalse();
        keyboard.press(KeyCode.CONTROL, KeyCode.Z);
        assertThat(workplace.session.project().posture(THEIRS).orElseThrow().note())
                .as("it can be undone")
                .isNotEqualTo("theirs");
    }

    @Test
    void theirsCanBeTakenAndOursComesBackWithUndo() {
        weWorkOn(OURS);
        keyboard.press(KeyCode.CONTROL, KeyCode.S);
        answer(2);
        assertThat(workplace.session.project()).isEqualTo(theirs());
        assertThat(workplace.session.dirty()).isFalse();
        keyboard.press(KeyCode.CONTROL, KeyCode.Z);
        assertThat(workplace.session.project().posture(OURS).orElseThrow().note())
                .isEqualTo("ours");
    }

    @Test
    void replacingTheirsKeepsItBesideTheFile() throws Exception {
        weWorkOn(OURS);
        keyboard.press(KeyCode.CONTROL, KeyCode.S);
        answer(4);
        assertThat(note(THEIRS)).isNotEqualTo("theirs");
        Path aside = workplace.file.resolveSibling(workplace.file.getFileName() + "~1");
        assertThat(((Opened.Read) ProjectFile.open(aside)).project()).isEqualTo(theirs());
        assertThat(Files.exists(SafeFile.kept(workplace.file))).isTrue();
    }

    @Test
    void whereBothChangedAPostureOneSaysWhoseIsTaken() {
        weWorkOn(THEIRS);
        keyboard.press(KeyCode.CONTROL, KeyCode.S);
        assertThat(told()).contains("the posture “Sweep the Reeds”");
        keyboard.press(KeyCode.ENTER);
        assertThat(note(THEIRS)).isEqualTo("ours");
    }

    @Test
    void aFileThatCannotBeReadNowIsNotReplacedUnasked() throws Exception {
        Files.writeString(workplace.file, "{ half a");
        weWorkOn(OURS);
        keyboard.press(KeyCode.CONTROL, KeyCode.S);
        assertThat(told().getFirst()).startsWith("Since you opened it, somebody else has changed it");
        keyboard.press(KeyCode.ESCAPE);
        assertThat(Files.readString(workplace.file)).isEqualTo("{ half a");
        assertThat(workplace.session.dirty()).isTrue();
    }
}
