package app.avrel.desktop;

import static app.avrel.desktop.Keyboard.read;
import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.body.Body;
import app.avrel.body.Side;
import app.avrel.body.WeightShare;
import app.avrel.desktop.findings.FindingsPanel;
import app.avrel.form.Entry;
import app.avrel.form.Played;
import app.avrel.posture.Posture;
import app.avrel.posture.PostureId;
import app.avrel.posture.move.Move;
import app.avrel.posture.move.StepPlace;
import app.avrel.project.Care;
import app.avrel.project.Edit;
import app.avrel.project.Learner;
import app.avrel.project.Precaution;
import app.avrel.project.Project;
import app.avrel.project.Setting;
import app.avrel.rules.Finding;
import app.avrel.rules.RuleId;
import java.util.List;
import java.util.concurrent.TimeUnit;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.Labeled;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

/** What was found is looked at, mended, or let stand, by keyboard. */
@ExtendWith(ApplicationExtension.class)
class FindingsStoryTest {

    private Workplace workplace;

    @Start
    void open(Stage stage) {
        Project empty = Project.empty("Evening hall", Setting.USUAL)
                .withPostures(List.of(Posture.blank(new PostureId("latch"), "Lift the Latch")))
                .withLearners(List.of(new Learner(new Body("G", 1.6), List.of(Care.of(Precaution.BALANCE)))));
        workplace = Workplace.open(stage, empty);
    }

    /** The left knee is lifted while half the weight is on that foot. */
    @BeforeEach
    void liftTooSoon(FxRobot robot) {
        new Keyboard(robot)
                .ctrl(KeyCode.L)
                .type("lift the left knee")
                .press(KeyCode.ENTER)
                .press(KeyCode.ESCAPE);
    }

    private List<Finding> serious() {
        return read(() -> workplace.session.desk().get().survey().serious());
    }

    private WeightShare weightAtTheEnd() {
        return read(() -> workplace
                .session
                .desk()
                .get()
                .survey()
                .track(new PostureId("latch"))
                .orElseThrow()
                .end()
                .own()
                .weight());
    }

    private boolean panelIsOpen() {
        return read(() -> workplace.shell.root().lookup(".findings-panel")) instanceof FindingsPanel;
    }

    private String words() {
        return read(() -> String.join(
                "\n",
                workplace.shell.root().lookupAll(".label").stream()
                        .filter(Label.class::isInstance)
                        .map(node -> ((Label) node).getText())
                        .toList()));
    }

    private String focused() {
        return read(() -> workplace.shell.root().getScene().getFocusOwner().getAccessibleText());
    }

    private static void press(FxRobot robot, Node node) {
        robot.interact(() -> ((Button) node).fire());
    }

    private Node button(String begins) {
        return read(() -> workplace.shell.root().lookupAll(".button").stream()
                .filter(node -> ((Labeled) node).getText().startsWith(begins) && node.isVisible())
                .findFirst()
                .orElseThrow());
    }

    @Test
    void oneKeyOpensWhatWasFoundAndOneMendsIt(FxRobot robot) throws Exception {
        assertThat(serious()).extracting(Finding::rule).contains(RuleId.LOADED_STEP);
        Keyboard keys = new Keyboard(robot);
        keys.press(KeyCode.F9);
        assertThat(panelIsOpen()).isTrue();
        Finding selected = read(() -> workplace.session.desk().get().selected().orElseThrow());
        assertThat(selected).isEqualTo(serious().getFirst());
        keys.ctrl(KeyCode.PERIOD);
        assertThat(serious()).extracting(Finding::rule).doesNotContain(RuleId.LOADED_STEP);
        assertThat(weightAtTheEnd()).isEqualTo(WeightShare.on(Side.RIGHT, 100));
        keys.ctrl(KeyCode.Z);
        assertThat(serious()).extracting(Finding::rule).contains(RuleId.LOADED_STEP);
        keys.press(KeyCode.F8);
        assertThat(panelIsOpen()).isFalse();
    }

    @Test
    void whatStandsForAReasonIsQuietUntilItIsLookedAtAgain(FxRobot robot) {
        Keyboard keys = new Keyboard(robot);
        keys.press(KeyCode.F8);
        int before = serious().size();
        press(robot, button("Accept"));
        keys.type("a drill on purpose").press(KeyCode.ENTER);
        assertThat(serious()).hasSize(before - 1);
        assertThat(words()).contains("a drill on purpose");
        press(robot, button("Reopen"));
        assertThat(serious()).hasSize(before);
    }

    @Test
    void wrongIsShownBesideRightWithTheNumbersThatDiffer(FxRobot robot) throws Exception {
        new Keyboard(robot).press(KeyCode.F9);
        WaitForAsyncUtils.waitFor(
                10,
                TimeUnit.SECONDS,
                () -> workplace.shell.root().lookupAll(".button").stream()
                        .anyMatch(node -> ((Labeled) node).getText().startsWith("Compare with")));
        press(robot, button("Compare with the fix"));
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(words()).contains("As recorded", "With the fix", "Shift all the weight to the right foot first.");
    }

    @Test
    void whatTwoScalesShowBecomesTheWeightOfTheCount(FxRobot robot) throws Exception {
        Keyboard keys = new Keyboard(robot);
        keys.press(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.W);
        WaitForAsyncUtils.waitFor(10, TimeUnit.SECONDS, () -> "Left scale shows".equals(focused()));
        keys.type("42").press(KeyCode.TAB).type("28");
        assertThat(words()).contains("The weight is 60 left / 40 right; recorded is 0 left / 100 right.");
        keys.press(KeyCode.ENTER);
        assertThat(weightAtTheEnd()).isEqualTo(WeightShare.left(60));
    }

    @Test
    void learnersAreToldWhatToTakeCareOfInTheForm(FxRobot robot) {
        robot.interact(() -> workplace.session.apply(Edit.of(
                "Add",
                project -> project.changeForm(
                        project.forms().getFirst().id(),
                        form -> form.append(
                                0, Entry.of(form.freshId(), new PostureId("latch"), Played.AS_RECORDED))))));
        new Keyboard(robot).ctrl(KeyCode.U);
        assertThat(words()).contains("G, balance: it stands on one leg (count 1) → no gentler version yet");
    }

    @Test
    void theStanceThatFitsIsShownForEveryBodyAndCanBePutIntoTheCount(FxRobot robot) {
        Keyboard keys = new Keyboard(robot);
        keys.ctrl(KeyCode.L)
                .type("all right, left heel forward half a shoulder wide, three foot lengths")
                .press(KeyCode.ENTER)
                .press(KeyCode.ESCAPE);
        keys.ctrl(KeyCode.G);
        assertThat(words()).contains("It fits", "170 cm", "lengths that fit so wide");
        press(robot, button("Use in this count"));
        Posture changed = read(() -> workplace.session.project().postures().getFirst());
        assertThat(changed.counts().getLast().moves())
                .filteredOn(Move.Step.class::isInstance)
                .singleElement()
                .satisfies(move -> assertThat(((StepPlace.Along) ((Move.Step) move).place()).distance())
                        .hasValueSatisfying(
                                length -> assertThat(length.amount()).isBetween(0.3, 2.5)));
    }
}
