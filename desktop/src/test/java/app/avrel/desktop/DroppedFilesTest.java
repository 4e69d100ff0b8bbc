package app.avrel.desktop;

import static app.avrel.desktop.Keyboard.read;
import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.desktop.shell.Dropping;
import app.avrel.desktop.shell.RoomName;
import app.avrel.files.Demo;
import app.avrel.files.ForeignFields;
import app.avrel.files.ProjectFile;
import app.avrel.project.Project;
import app.avrel.project.Setting;
import java.nio.file.Files;
import java.nio.file.Path;
import javafx.scene.Parent;
import javafx.scene.control.TextArea;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;

/** A file that is dropped on the window is taken as its name says; one that cannot be read changes nothing. */
@ExtendWith(ApplicationExtension.class)
class DroppedFilesTest {

    @TempDir
    private Path folder;

    private Workplace workplace;

    @Start
    void open(Stage stage) {
        workplace = Workplace.open(stage, Project.empty("Evening hall", Setting.USUAL));
    }

    private Parent root() {
        return workplace.shell.root();
    }

    private void drop(FxRobot robot, Path file) {
        robot.interact(() -> new Dropping(workplace.shell.files()).take(file));
    }

    @Test
    void aProjectIsOpened(FxRobot robot) {
        Path file = folder.resolve("weirside.avrel");
        assertThat(ProjectFile.save(Demo.project(), ForeignFields.NONE, file)).isEmpty();
        drop(robot, file);
        assertThat(read(() -> workplace.session.project().name())).isEqualTo("Weirside Hall");
        assertThat(read(() -> workplace.session.file().get())).contains(file);
    }

    @Test
    void notesAreLaidOutToBeRead(FxRobot robot) throws Exception {
        Path file = folder.resolve("Thursday.TXT");
        Files.writeString(file, "# Reed in the Wind\n1. shift 100 left\n");
        drop(robot, file);
        assertThat(read(() -> ((TextArea) root().lookup(".notes-text")).getText()))
                .startsWith("# Reed in the Wind");
    }

    @Test
    void aTableGoesIntoTheForm(FxRobot robot) throws Exception {
        Path file = folder.resolve("form.csv");
        Files.writeString(file, "not,a,table\n1,2,3\n");
        robot.interact(() -> workplace.shell.go(RoomName.FORM));
        drop(robot, file);
        assertThat(read(() -> root().lookup(".sheet-shade"))).isNotNull();
        assertThat(read(() -> workplace.session.dirty())).isFalse();
    }

    @Test
    void whatIsNoProjectIsRefusedAndNothingIsLost(FxRobot robot) throws Exception {
        Path file = folder.resolve("picture.png");
        Files.write(file, new byte[] {(byte) 0x89, 'P', 'N', 'G', 0, 1, 2});
        drop(robot, file);
        assertThat(read(() -> root().lookup(".sheet-shade"))).isNotNull();
        assertThat(read(() -> workplace.session.project().name())).isEqualTo("Evening hall");
    }

    @Test
    void aFileThatIsGoneIsSaidToBeGone(FxRobot robot) {
        drop(robot, folder.resolve("gone.txt"));
        assertThat(read(() -> root().lookup(".sheet-shade"))).isNotNull();
    }
}
