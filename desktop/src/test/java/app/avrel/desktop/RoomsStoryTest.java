package app.avrel.desktop;

import static app.avrel.desktop.Keyboard.read;
import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.desktop.parts.ChoiceField;
import app.avrel.desktop.shell.RoomName;
import app.avrel.files.Demo;
import app.avrel.form.Form;
import app.avrel.form.Unroll;
import app.avrel.form.closing.Gap;
import app.avrel.label.Labels;
import app.avrel.label.Language;
import app.avrel.project.Analysis;
import app.avrel.project.Edit;
import app.avrel.project.Project;
import java.util.List;
import java.util.concurrent.TimeUnit;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.Label;
import javafx.scene.control.Labeled;
import javafx.scene.control.ListView;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.Region;
import javafx.stage.Stage;
import javafx.stage.Window;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

/** What an instructor does in and around the rooms: looks, compares, closes a form, asks for help, changes the language. */
@ExtendWith(ApplicationExtension.class)
class RoomsStoryTest {

    private static final Project DEMO = Demo.project();

    private Workplace workplace;

    @Start
    void open(Stage stage) {
        workplace = Workplace.open(stage, DEMO);
    }

    @AfterEach
    void inEnglishAgain() {
        Labels.speak(Language.ENGLISH);
    }

    private Parent root() {
        return workplace.shell.root();
    }

    private Project project() {
        return read(() -> workplace.session.project());
    }

    private void press(FxRobot robot, String words) {
        robot.interact(() -> {
            root().applyCss();
            root().layout();
            ButtonBase found = buttons().stream()
                    .filter(button -> words.equals(button.getText()))
                    .findFirst()
                    .orElseThrow(() -> new AssertionError("no button " + words));
            found.fire();
        });
        WaitForAsyncUtils.waitForFxEvents();
    }

    private List<ButtonBase> buttons() {
        return List.of(".button", ".toggle-button", ".pill").stream()
                .flatMap(style -> root().lookupAll(style).stream())
                .filter(node -> node instanceof ButtonBase && shown(node))
                .map(ButtonBase.class::cast)
                .toList();
    }

    private static boolean shown(Node node) {
        for (Node at = node; at != null; at = at.getParent()) {
            if (!at.isVisible()) {
                return false;
            }
        }
        return true;
    }

    private List<String> words() {
        return read(() -> root().lookupAll(".label").stream()
                .filter(node -> node instanceof Label && shown(node))
                .map(node -> ((Labeled) node).getText())
                .toList());
    }

    private void go(FxRobot robot, RoomName room) {
        robot.interact(() -> workplace.shell.go(room));
        WaitForAsyncUtils.waitForFxEvents();
    }

    private void until(java.util.function.BooleanSupplier holds) throws Exception {
        WaitForAsyncUtils.waitFor(20, TimeUnit.SECONDS, () -> read(holds::getAsBoolean));
    }

    @Test
    void theFigureIsSeenFromWhereAButtonSaysAndTheButtonStaysDown(FxRobot robot) {
        press(robot, "behind");
        assertThat(words()).isNotEmpty();
        assertThat(read(() -> root().lookup(".figure").getAccessibleText())).startsWith("Figure from behind:");
        press(robot, "mirror");
        assertThat(read(() -> root().lookup(".figure").getAccessibleText()))
                .startsWith("Figure from behind, mirrored:");
        press(robot, "above");
        assertThat(read(() -> root().lookup(".figure").getAccessibleText())).startsWith("Figure from above, mirrored:");
    }

    @Test
    void walkAndHallAreTwoViewsOfOneFloor(FxRobot robot) {
        go(robot, RoomName.FORM);
        press(robot, "hall");
        assertThat(words()).anyMatch(said -> said.contains("Seen longest from"));
        press(robot, "walk");
        assertThat(words()).noneMatch(said -> said.contains("Seen longest from"));
    }

    @Test
    void aFormIsClosedByTheSmallestChangeAndThatIsOneStepToUndo(FxRobot robot) throws Exception {
        go(robot, RoomName.FORM);
        Form form = DEMO.forms().getFirst();
        press(robot, "close…");
        until(() -> root().lookup(".closing-sheet .list-view") instanceof ListView<?> ways
                && !ways.getItems().isEmpty());
        press(robot, "Use this change");
        Project closed = project();
        assertThat(Gap.of(Unroll.form(form, closed.shelf(), closed.posing(form)))
                        .closed())
                .isTrue();
        robot.interact(workplace.session::undo);
        assertThat(project()).isEqualTo(DEMO);
    }

    @Test
    void aSearchThatIsNotWantedAnyMoreChangesNothing(FxRobot robot) {
        go(robot, RoomName.FORM);
        press(robot, "close…");
        press(robot, "Cancel");
        assertThat(project()).isEqualTo(DEMO);
    }

    @Test
    void houseRulesAreAskedByTheirSubject(FxRobot robot) {
        robot.interact(workplace.shell.sheets()::settings);
        press(robot, "House rules");
        press(robot, "Breath");
        assertThat(words()).contains("The breath is said").doesNotContain("Bow stance: weight on the front foot (%)");
        press(robot, "Stances");
        assertThat(words()).contains("Bow stance: weight on the front foot (%)");
    }

    @Test
    void twoSetsOfRulesAreComparedByWhatTheyFind(FxRobot robot) throws Exception {
        robot.interact(workplace.shell.sheets()::settings);
        press(robot, "House rules");
        press(robot, "Compare two sets of rules…");
        until(() -> root().lookupAll(".rules-beside .section").size() > 3);
        assertThat(words()).anyMatch(said -> said.startsWith("Found in The Weirside Form only by one of them"));
    }

    @Test
    void simulatedScalesWriteWhatTheyShow(FxRobot robot) throws Exception {
        robot.interact(() -> workplace.session.choose(
                workplace.session.choice().withPosture(DEMO.postures().get(2).id(), 1)));
        press(robot, "Two scales");
        press(robot, "Simulated scales");
        until(() -> root().lookupAll(".sheet-shade .text-field").stream()
                .allMatch(node -> !((TextField) node).getText().isEmpty()));
        assertThat(words()).anyMatch(said -> said.startsWith("The weight is "));
        press(robot, "Close");
        assertThat(project()).isEqualTo(DEMO);
    }

    @Test
    void aPostureThatAFormNeedsIsNotDeletedWithoutAWord(FxRobot robot) {
        robot.interact(() -> workplace.session.choose(
                workplace.session.choice().withPosture(DEMO.postures().get(1).id(), 0)));
        Keyboard keys = new Keyboard(robot);
        keys.ctrlShift(KeyCode.DELETE);
        assertThat(words()).anyMatch(said -> said.contains("is in use"));
        press(robot, "Keep it");
        assertThat(project()).isEqualTo(DEMO);
        keys.ctrlShift(KeyCode.DELETE);
        press(robot, "Delete");
        assertThat(project().postures()).hasSize(DEMO.postures().size() - 1);
    }

    @Test
    void helpHasTheKeysOfTheRoomTheGuideAndWhatThisIs(FxRobot robot) {
        new Keyboard(robot).press(KeyCode.F1);
        assertThat(words()).contains("Type a count", "Play the posture, or stop");
        press(robot, "Guide");
        assertThat(read(() -> root().lookupAll(".guide-table").size())).isPositive();
        press(robot, "About");
        assertThat(words()).anyMatch(said -> said.startsWith("Avrel ")).anyMatch(said -> said.startsWith("Jackson"));
        new Keyboard(robot).press(KeyCode.ESCAPE);
        assertThat(read(() -> root().lookup(".help-sheet"))).isNull();
    }

    @ParameterizedTest
    @CsvSource({"SPANISH, Posturas, Reglas de la casa", "CHINESE, 招式, 规则", "ENGLISH, Postures, House rules"})
    void theWindowSpeaksAnotherLanguageAtOnceAndStaysWhereItWas(
            Language language, String postures, String rules, FxRobot robot) {
        robot.interact(() -> workplace.session.choose(
                workplace.session.choice().withPosture(DEMO.postures().get(4).id(), 2)));
        var choice = read(() -> workplace.session.choice());
        robot.interact(() -> workplace.shell.speak(language));
        assertThat(read(() -> root().lookupAll(".tab-button").stream()
                        .map(node -> ((Labeled) node).getText())
                        .toList()))
                .contains(postures);
        assertThat(read(() -> workplace.session.choice())).isEqualTo(choice);
        assertThat(project()).isEqualTo(DEMO);
        robot.interact(workplace.shell.sheets()::settings);
        assertThat(read(() -> buttons().stream().map(ButtonBase::getText).toList()))
                .contains(rules);
    }

    @Test
    void findingsAreSaidInTheLanguageOfTheWindow(FxRobot robot) {
        robot.interact(() -> workplace.shell.speak(Language.SPANISH));
        robot.interact(workplace.shell.findings()::toggle);
        assertThat(words()).contains("El peso no es el declarado");
        robot.interact(() -> workplace.shell.speak(Language.CHINESE));
        robot.interact(workplace.shell.findings()::toggle);
        assertThat(words()).contains("重量与所述不符");
    }

    @ParameterizedTest
    @ValueSource(booleans = {false, true})
    void whatOneChoosesFromCoversWhatLiesBelowAndHasTheFontOfItsScript(boolean dark, FxRobot robot) {
        robot.interact(() -> workplace.shell.appearance().look(100, dark));
        robot.interact(() -> root().lookupAll(".choice-field").stream()
                .map(ChoiceField.class::cast)
                .filter(field -> field.getItems().contains("中"))
                .forEach(ChoiceField::show));
        Region list = read(() -> Window.getWindows().stream()
                .map(window -> window.getScene().getRoot().lookup(".combo-box-popup .list-view"))
                .filter(Region.class::isInstance)
                .map(Region.class::cast)
                .findFirst()
                .orElseThrow());
        assertThat(read(() ->
                        list.getBackground().getFills().getLast().getFill().isOpaque()))
                .isTrue();
        assertThat(read(() -> list.lookupAll(".list-cell.chinese").size())).isPositive();
    }

    @Test
    void howMuchIsToBeLookedAtIsCountedOnceTheWindowIsSeenAndAnewWithEachEdit(FxRobot robot) throws Exception {
        String found = Integer.toString(Analysis.of(DEMO).serious().size());
        until(() -> badge().equals(found));
        robot.interact(() ->
                workplace.session.apply(Edit.of("begin anew", whole -> Project.empty("A hall", whole.setting()))));
        until(() -> !badge().equals(found));
        robot.interact(() -> workplace.session.undo());
        until(() -> badge().equals(found));
    }

    private String badge() {
        return ((Labeled) root().lookup(".findings-badge")).getText();
    }

    @Test
    void findingsAreRowsOfWhichTheOneThatIsLookedAtIsOpen(FxRobot robot) {
        robot.interact(workplace.shell.findings()::toggle);
        assertThat(read(() -> root().lookupAll(".findings-panel .finding-why").size()))
                .isZero();
        new Keyboard(robot).press(KeyCode.F9);
        assertThat(read(() -> root().lookupAll(".findings-panel .finding-why").size()))
                .isEqualTo(1);
        assertThat(read(() -> root().lookupAll(".findings-panel .finding-mark").stream()
                        .map(node -> ((Label) node).getText())
                        .distinct()
                        .toList()))
                .containsAnyOf("!", "!!");
    }
}
