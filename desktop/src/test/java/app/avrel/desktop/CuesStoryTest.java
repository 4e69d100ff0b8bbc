package app.avrel.desktop;

import static app.avrel.desktop.Keyboard.read;
import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.desktop.shell.RoomName;
import app.avrel.files.Demo;
import app.avrel.house.HouseRule;
import app.avrel.label.Language;
import app.avrel.posture.count.CueLevel;
import app.avrel.posture.count.OwnWords;
import app.avrel.project.Edit;
import app.avrel.project.Project;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.TimeUnit;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.Labeled;
import javafx.scene.control.RadioButton;
import javafx.scene.control.TextArea;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import javax.sound.sampled.AudioInputStream;
import javax.sound.sampled.AudioSystem;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

/** What an instructor does in the cue room. */
@ExtendWith(ApplicationExtension.class)
class CuesStoryTest {

    private static final Project DEMO = Demo.project();

    private Workplace workplace;

    @Start
    void open(Stage stage) {
        workplace = Workplace.open(stage, DEMO);
    }

    @BeforeEach
    void inTheCueRoom(FxRobot robot) {
        robot.interact(() -> workplace.shell.go(RoomName.CUES));
    }

    private Parent root() {
        return workplace.shell.root();
    }

    private List<String> words(String styleClass) {
        return read(() -> root().lookupAll("." + styleClass).stream()
                .filter(node -> node instanceof Label && node.isVisible())
                .map(node -> ((Label) node).getText())
                .toList());
    }

    private void press(FxRobot robot, String radio) {
        robot.interact(() -> root().lookupAll(".radio-button").stream()
                .map(RadioButton.class::cast)
                .filter(button -> button.getText().equals(radio))
                .forEach(RadioButton::fire));
    }

    private void fire(FxRobot robot, String words) {
        robot.interact(() -> root().lookupAll(".button").stream()
                .filter(node -> node.isVisible() && words.equals(((Labeled) node).getText()))
                .map(Button.class::cast)
                .forEach(Button::fire));
    }

    @Test
    void itBeginsAtLengthAndIsCalledWhereOneWants(FxRobot robot) {
        assertThat(words("cue-words").getFirst()).startsWith("Open the Sluice · All the weight left, sink.");
        press(robot, "call");
        assertThat(words("cue-words").getFirst()).startsWith("Open the Sluice · all left · sink");
        press(robot, "hands only");
        assertThat(words("cue-words").get(1)).doesNotContain("foot");
        press(robot, "count");
        assertThat(words("cue-words").getFirst()).contains("one");
    }

    @Test
    void theCardSaysHowLongItTakesAndWhySoMuch(FxRobot robot) {
        new Keyboard(robot).press(KeyCode.PAGE_DOWN).press(KeyCode.PAGE_DOWN);
        assertThat(words("cue-why")).anyMatch(why -> why.startsWith("It comes for the first time."));
        assertThat(words("cue-checked")).anyMatch(line -> line.startsWith("✓"));
        assertThat(words("card-title")).contains("Open the Sluice");
    }

    @Test
    void nothingThatIsGeneratedSpeaksAgainstTheRecordNotEvenInAMirror(FxRobot robot) {
        press(robot, "call");
        robot.interact(() -> root().lookupAll(".check-box").stream()
                .map(CheckBox.class::cast)
                .filter(box -> box.getText().equals("sides as in a mirror"))
                .forEach(CheckBox::fire));
        assertThat(words("cue-words").getFirst()).contains("all right");
        Keyboard keys = new Keyboard(robot);
        for (int count = 0; count < 30; count++) {
            assertThat(words("cue-checked")).anyMatch(line -> line.startsWith("✓"));
            keys.press(KeyCode.PAGE_DOWN);
        }
    }

    @Test
    void ownWordsStandInThePostureAndCanBeUndone(FxRobot robot) {
        Node field = read(() -> root().lookup(".cue-card .text-area"));
        robot.interact(field::requestFocus);
        robot.interact(() -> ((TextArea) field).setText("let the water sink"));
        List<OwnWords> own = read(() -> workplace
                .session
                .project()
                .postures()
                .getFirst()
                .counts()
                .getFirst()
                .words());
        assertThat(own).extracting(OwnWords::text).containsExactly("let the water sink");
        assertThat(own).allMatch(words -> words.level() == CueLevel.GUIDE && words.language() == Language.ENGLISH);
        robot.interact(() -> workplace.session.undo());
        assertThat(read(() -> workplace.session.project())).isEqualTo(DEMO);
    }

    @Test
    void aScriptIsWrittenAsCaptionsAndHeardAgain(FxRobot robot) throws IOException {
        press(robot, "call");
        fire(robot, "Export…");
        String captions = Files.readString(workplace.file.resolveSibling("script.vtt"));
        assertThat(captions).startsWith("WEBVTT").contains("all left");
        Files.writeString(workplace.file, captions.replaceFirst("right foot forward", "left foot forward"));
        fire(robot, "Check…");
        assertThat(words("heard-what")).anyMatch(line -> line.contains("the other side is recorded"));
    }

    @Test
    void theScriptIsWrittenAsSoundFromTheRoom(FxRobot robot) throws Exception {
        press(robot, "count");
        fire(robot, "Sound…");
        fire(robot, "Write…");
        WaitForAsyncUtils.waitFor(
                60,
                TimeUnit.SECONDS,
                () -> words("sheet-text").stream().anyMatch(told -> told.startsWith("Written: ")));
        Path sound = workplace.file.resolveSibling("script.wav");
        try (AudioInputStream heard = AudioSystem.getAudioInputStream(sound.toFile())) {
            assertThat(heard.getFrameLength()).isPositive();
        }
    }

    @Test
    void timesAreAsAVoiceSaysTheCallsOnceTheyAreMeasured(FxRobot robot) throws Exception {
        press(robot, "count");
        assertThat(words("quiet")).noneMatch(state -> state.contains("measured by"));
        fire(robot, "Measure times");
        WaitForAsyncUtils.waitFor(
                60,
                TimeUnit.SECONDS,
                () -> words("sheet-text").stream().anyMatch(told -> told.startsWith("Times are now as ")));
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(words("quiet")).anyMatch(state -> state.matches("times measured by [^,]+"));
    }

    @Test
    void whatIsCalledBesideTheMovesIsAsTheSchoolHasItUntilOneAsksOtherwise(FxRobot robot) {
        robot.interact(() -> workplace.session.apply(Edit.of(
                "count aloud",
                project -> project.withSetting(
                        project.setting().withRules(project.setting().rules().with(HouseRule.CALL_NUMBER, 1))))));
        press(robot, "call");
        assertThat(words("cue-words").getFirst()).startsWith("Open the Sluice · one · all left");
        robot.interact(() -> root().lookupAll(".check-box").stream()
                .map(CheckBox.class::cast)
                .filter(box -> box.getText().equals("numbers of the counts"))
                .forEach(CheckBox::fire));
        assertThat(words("cue-words").getFirst()).startsWith("Open the Sluice · all left");
    }
}
