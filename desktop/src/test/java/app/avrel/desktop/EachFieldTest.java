package app.avrel.desktop;

import static app.avrel.desktop.Keyboard.read;
import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.desktop.shell.RoomName;
import app.avrel.files.Demo;
import app.avrel.form.hall.Hall;
import app.avrel.house.HouseRule;
import app.avrel.house.HouseRules;
import app.avrel.house.RuleSubject;
import app.avrel.house.RuleWords;
import app.avrel.label.Labels;
import app.avrel.project.Learner;
import app.avrel.project.Project;
import app.avrel.project.Setting;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

/** Each field of the sheets changes exactly what it is for; what is not understood changes nothing and is kept to be mended. */
@ExtendWith(ApplicationExtension.class)
class EachFieldTest {

    private static final Project DEMO = Demo.project();

    private Workplace workplace;

    @Start
    void open(Stage stage) {
        workplace = Workplace.open(stage, DEMO);
    }

    private Parent root() {
        return workplace.shell.root();
    }

    private Project project() {
        return read(() -> workplace.session.project());
    }

    private Setting setting() {
        return project().setting();
    }

    private TextField field(String label) {
        return fields(label).getFirst();
    }

    private List<TextField> fields(String label) {
        return read(() -> root().lookupAll(".sheet-shade .text-field").stream()
                .filter(node -> label.equals(node.getAccessibleText()))
                .map(TextField.class::cast)
                .toList());
    }

    private void type(FxRobot robot, TextField field, String text) {
        robot.interact(() -> {
            field.requestFocus();
            field.setText(text);
        });
        WaitForAsyncUtils.waitForFxEvents();
    }

    private boolean markedWrong(TextField field) {
        return read(() -> field.getPseudoClassStates().stream()
                .anyMatch(state -> state.toString().equals("wrong")));
    }

    private List<String> hints() {
        return read(() -> root().lookupAll(".hint").stream()
                .map(node -> ((Label) node).getText())
                .toList());
    }

    private void choose(FxRobot robot, String label, int at) {
        robot.interact(() -> root().lookupAll(".sheet-shade .choice-field").stream()
                .filter(node -> label.equals(node.getAccessibleText()))
                .map(node -> (ComboBox<?>) node)
                .findFirst()
                .orElseThrow()
                .getSelectionModel()
                .select(at));
        WaitForAsyncUtils.waitForFxEvents();
    }

    private void press(FxRobot robot, String words) {
        robot.interact(() -> {
            root().applyCss();
            root().layout();
            Stream.of(".pill", ".button")
                    .flatMap(style -> root().lookupAll(".sheet-shade " + style).stream())
                    .map(ButtonBase.class::cast)
                    .filter(button -> words.equals(button.getText()))
                    .findFirst()
                    .orElseThrow(() -> new AssertionError("no button " + words))
                    .fire();
            root().applyCss();
            root().layout();
        });
        WaitForAsyncUtils.waitForFxEvents();
    }

    private void halls(FxRobot robot) {
        robot.interact(() -> workplace.shell.go(RoomName.FORM));
        new Keyboard(robot).ctrlShift(KeyCode.H);
        WaitForAsyncUtils.waitForFxEvents();
    }

    private Hall hall() {
        return project().halls().getFirst();
    }

    private static final Hall HALL = DEMO.halls().getFirst();

    @Test
    void aHallsFieldsChangeOneThingEach(FxRobot robot) {
        halls(robot);
        type(robot, field("Name"), "The loft");
        assertThat(hall()).isEqualTo(HALL.withName("The loft"));
        type(robot, field("Width, m"), "10.5");
        assertThat(hall()).isEqualTo(HALL.withName("The loft").withSize(10.5, HALL.depth()));
        type(robot, field("Front to back, m"), "7");
        assertThat(hall()).isEqualTo(HALL.withName("The loft").withSize(10.5, 7));
        type(robot, field("Kept free around, cm"), "45");
        assertThat(hall()).isEqualTo(HALL.withName("The loft").withSize(10.5, 7).withClearance(0.45));
        type(robot, field("Metres apart"), "2,2");
        assertThat(hall().spacing()).isEqualTo(Optional.of(2.2));
        type(robot, field("Metres apart"), "");
        assertThat(hall().spacing()).isEmpty();
        assertThat(project().withHalls(DEMO.halls())).isEqualTo(DEMO);
    }

    /** A field, and what cannot be typed into it. */
    private record Wrong(String label, String typed) {}

    @Test
    void aHallThatCannotBeIsNotMadeAndTheTypedTextStays(FxRobot robot) {
        halls(robot);
        List<Wrong> wrong = List.of(
                new Wrong("Width, m", "0"),
                new Wrong("Width, m", "wide"),
                new Wrong("Width, m", "900"),
                new Wrong("Front to back, m", "-3"),
                new Wrong("Kept free around, cm", "9000"),
                new Wrong("Name", " "));
        for (Wrong one : wrong) {
            TextField field = field(one.label());
            String before = field.getText();
            type(robot, field, one.typed());
            assertThat(project()).as("%s", one).isEqualTo(DEMO);
            assertThat(field.getText()).isEqualTo(one.typed());
            assertThat(markedWrong(field)).as("%s", one).isTrue();
            assertThat(hints()).as("%s", one).anyMatch(hint -> hint.startsWith("Not understood. For example: "));
            type(robot, field, before);
            assertThat(markedWrong(field)).as("%s", one).isFalse();
        }
    }

    @Test
    void aHallIsAddedAndRemovedAndBothAreUndone(FxRobot robot) {
        halls(robot);
        press(robot, "Add a hall");
        assertThat(project().halls()).hasSize(DEMO.halls().size() + 1);
        press(robot, "Remove this hall");
        assertThat(project().halls()).isEqualTo(DEMO.halls());
        robot.interact(workplace.session::undo);
        robot.interact(workplace.session::undo);
        assertThat(project()).isEqualTo(DEMO);
    }

    private void learners(FxRobot robot) {
        robot.interact(workplace.shell.sheets()::learners);
        WaitForAsyncUtils.waitForFxEvents();
        robot.interact(() -> {
            root().applyCss();
            root().layout();
        });
    }

    @Test
    void aLearnersFieldsChangeThatLearnerAndNoOther(FxRobot robot) {
        learners(robot);
        List<Learner> before = DEMO.learners();
        type(robot, fields("Label of the learner").get(1), "K");
        type(robot, fields("Height in cm").get(1), "166");
        List<Learner> after = project().learners();
        assertThat(after).hasSameSizeAs(before);
        assertThat(after.get(1).label()).isEqualTo("K");
        assertThat(after.get(1).body().stature()).isEqualTo(1.66);
        assertThat(after.get(1).cautions()).isEqualTo(before.get(1).cautions());
        for (int i = 0; i < before.size(); i++) {
            if (i != 1) {
                assertThat(after.get(i)).isEqualTo(before.get(i));
            }
        }
    }

    @Test
    void nobodyIsSoTallAndNobodyHasNoLabel(FxRobot robot) {
        learners(robot);
        List<Wrong> wrong = List.of(
                new Wrong("Height in cm", "12"),
                new Wrong("Height in cm", "tall"),
                new Wrong("Height in cm", "900"),
                new Wrong("Label of the learner", ""));
        for (Wrong one : wrong) {
            TextField field = fields(one.label()).getFirst();
            String before = field.getText();
            type(robot, field, one.typed());
            assertThat(project()).as("%s", one).isEqualTo(DEMO);
            assertThat(markedWrong(field)).as("%s", one).isTrue();
            type(robot, field, before);
            assertThat(markedWrong(field)).as("%s", one).isFalse();
        }
    }

    @Test
    void whatIsTickedIsTakenCareOfAndUntickedNoLonger(FxRobot robot) {
        learners(robot);
        List<CheckBox> boxes = read(() -> root().lookupAll(".learner-cares").stream()
                .limit(1)
                .flatMap(node -> node.lookupAll(".check-box").stream())
                .map(CheckBox.class::cast)
                .toList());
        CheckBox first =
                boxes.stream().filter(box -> !box.isSelected()).findFirst().orElseThrow();
        int before = project().learners().getFirst().cautions().size();
        robot.interact(first::fire);
        assertThat(project().learners().getFirst().cautions()).hasSize(before + 1);
        robot.interact(first::fire);
        assertThat(project().learners()).isEqualTo(DEMO.learners());
    }

    @Test
    void aLearnerIsAddedWithALabelOnly(FxRobot robot) {
        learners(robot);
        press(robot, "Add a learner");
        Learner added = project().learners().getLast();
        assertThat(added.body().stature()).isEqualTo(1.70);
        assertThat(added.cautions()).isEmpty();
        assertThat(added.label()).isEqualTo("Learner " + (DEMO.learners().size() + 1));
    }

    private void settings(FxRobot robot, String tab) {
        robot.interact(workplace.shell.sheets()::settings);
        WaitForAsyncUtils.waitForFxEvents();
        press(robot, tab);
    }

    @Test
    void theProjectsFieldsChangeOneThingEach(FxRobot robot) {
        settings(robot, "Project");
        type(robot, field("Name"), "Evening hall");
        assertThat(project()).isEqualTo(DEMO.withName("Evening hall"));
        choose(robot, "Name directions by", 2);
        assertThat(setting().words().ordinal()).isEqualTo(2);
        choose(robot, "The form starts facing", 4);
        assertThat(setting().startFaces().degrees()).isEqualTo(180);
        assertThat(setting().rules()).isEqualTo(DEMO.setting().rules());
        assertThat(project().postures()).isEqualTo(DEMO.postures());
    }

    private static List<HouseRule> numbers() {
        return Arrays.stream(HouseRule.values())
                .filter(rule -> rule.ways().isEmpty())
                .toList();
    }

    @Test
    void everyHouseRuleIsChangedByItsFieldAloneAndRefusesWhatIsBeyondIt(FxRobot robot) {
        robot.interact(() -> workplace.session.start(Project.empty("Hall", DEMO.setting()), Optional.empty()));
        settings(robot, "House rules");
        RuleSubject shown = null;
        for (HouseRule rule : numbers()) {
            if (RuleSubject.of(rule) != shown) {
                shown = RuleSubject.of(rule);
                press(robot, Labels.of(shown));
            }
            changes(rule, robot);
        }
    }

    private void changes(HouseRule rule, FxRobot robot) {
        HouseRules before = setting().rules();
        int other = before.get(rule) == rule.most() ? rule.least() : rule.most();
        TextField field = field(RuleWords.label(rule));
        type(robot, field, Integer.toString(other));
        HouseRules after = setting().rules();
        assertThat(after.get(rule)).as("%s", rule).isEqualTo(other);
        assertThat(after.with(rule, before.get(rule)).answers())
                .isEqualTo(before.with(rule, before.get(rule)).answers());
        type(robot, field, Integer.toString(rule.most() + 1));
        assertThat(setting().rules()).isEqualTo(after);
        assertThat(markedWrong(field)).isTrue();
        assertThat(hints()).contains("Not understood. For example: " + rule.least() + " to " + rule.most());
    }

    @Test
    void whatDiffersFromTheSetOneStartedFromIsMarked(FxRobot robot) {
        settings(robot, "House rules");
        press(robot, "Balance and kicks");
        type(robot, field("Kicks go at most up to"), "40");
        assertThat(read(() -> root().lookupAll(".sheet-shade .field-label").stream()
                        .map(node -> ((Label) node).getText())
                        .toList()))
                .anyMatch(label -> label.startsWith("Kicks go at most up to") && label.contains("• was 53 %"));
    }

    @Test
    void aBodyIsAddedRenamedAndRemoved(FxRobot robot) {
        settings(robot, "Bodies");
        int many = setting().bodies().size();
        press(robot, "Add a body");
        assertThat(setting().bodies()).hasSize(many + 1);
        type(robot, fields("Label of the body").getLast(), "the tall one");
        assertThat(setting().bodies().getLast().label()).isEqualTo("the tall one");
        type(robot, fields("Height in cm").getLast(), "188");
        assertThat(setting().bodies().getLast().stature()).isEqualTo(1.88);
        assertThat(setting().bodies().subList(0, many)).isEqualTo(DEMO.setting().bodies());
    }

    @Test
    void everySheetBeginsWithTheKeyboardInItsFirstField(FxRobot robot) {
        settings(robot, "Project");
        new Keyboard(robot).press(KeyCode.ESCAPE);
        halls(robot);
        assertThat(read(() -> root().getScene().getFocusOwner())).isInstanceOf(TextField.class);
        new Keyboard(robot).press(KeyCode.ESCAPE);
        learners(robot);
        Node owner = read(() -> root().getScene().getFocusOwner());
        assertThat(owner).isInstanceOf(TextField.class);
    }
}
