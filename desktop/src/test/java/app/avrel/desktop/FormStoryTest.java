package app.avrel.desktop;

import static app.avrel.desktop.Keyboard.read;
import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.body.Side;
import app.avrel.desktop.exchange.Tables;
import app.avrel.desktop.shell.RoomName;
import app.avrel.files.Demo;
import app.avrel.files.table.EntryTable;
import app.avrel.form.Entry;
import app.avrel.form.Form;
import app.avrel.form.Occurrence;
import app.avrel.form.Played;
import app.avrel.posture.count.Count;
import app.avrel.posture.move.Move;
import app.avrel.posture.move.Split;
import app.avrel.project.Edit;
import app.avrel.project.Holder;
import app.avrel.project.Project;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.TimeUnit;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.Labeled;
import javafx.scene.control.ListView;
import javafx.scene.control.TableView;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.StackPane;
import javafx.stage.Stage;
import org.assertj.core.groups.Tuple;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

/** The demo's form, put together otherwise at the real interface. */
@ExtendWith(ApplicationExtension.class)
class FormStoryTest {

    private static final Project DEMO = Demo.project();

    private Workplace workplace;

    @Start
    void open(Stage stage) {
        workplace = Workplace.open(stage, DEMO);
    }

    @BeforeEach
    void inTheFormRoom(FxRobot robot) {
        robot.interact(() -> workplace.shell.go(RoomName.FORM));
        robot.interact(() -> root().lookup(".form-list > .list-view").requestFocus());
    }

    private javafx.scene.Parent root() {
        return workplace.shell.root();
    }

    private Form form() {
        return read(() -> workplace.session.desk().get().form());
    }

    private List<Occurrence> open() {
        return read(() -> workplace.session.desk().get().formTrack().occurrences().stream()
                .filter(done -> !done.join().fits())
                .toList());
    }

    private List<String> words(String styleClass) {
        return read(() -> root().lookupAll("." + styleClass).stream()
                .filter(node -> node instanceof Label && node.isVisible())
                .map(node -> ((Label) node).getText())
                .toList());
    }

    private Button button(String words) {
        return read(() -> root().lookupAll(".button").stream()
                .filter(node -> node.isVisible() && words.equals(((Labeled) node).getText()))
                .map(Button.class::cast)
                .findFirst()
                .orElseThrow());
    }

    private void wait(String words) throws Exception {
        WaitForAsyncUtils.waitFor(
                20,
                TimeUnit.SECONDS,
                () -> read(() -> root().lookupAll(".button").stream()
                        .anyMatch(node -> words.equals(((Labeled) node).getText()))));
    }

    private ListView<?> list() {
        return (ListView<?>) root().lookup(".form-list > .list-view");
    }

    /** Chooses entries by their lines: the first line is the head of the part. */
    private void choose(FxRobot robot, int from, int to) {
        robot.interact(() -> {
            list().getSelectionModel().clearSelection();
            list().getSelectionModel().selectRange(from + 1, to + 2);
        });
    }

    @Test
    void oneKeyGoesToTheOpenJoinAndALinkClosesIt(FxRobot robot) throws Exception {
        new Keyboard(robot).press(KeyCode.F7);
        assertThat(open()).hasSize(1);
        assertThat(words("join-words")).contains("Left foot: flat, wanted on the heel.");
        wait("Insert the link");
        new Keyboard(robot).ctrl(KeyCode.PERIOD);
        assertThat(open()).isEmpty();
        assertThat(read(() -> workplace.session.desk().get().survey().serious()))
                .hasSize(1);
        new Keyboard(robot).ctrl(KeyCode.Z);
        assertThat(read(() -> workplace.session.project())).isEqualTo(DEMO);
    }

    @Test
    void aStretchIsCopiedMirroredMovedAndTakenOutAgain(FxRobot robot) {
        List<Entry> before = form().entries();
        choose(robot, 1, 2);
        Keyboard keys = new Keyboard(robot);
        keys.ctrlShift(KeyCode.D);
        assertThat(form().entries()).hasSize(before.size() + 2);
        assertThat(form().entries().subList(9, 11))
                .extracting(Entry::posture, Entry::played)
                .containsExactly(
                        Tuple.tuple(before.get(1).posture(), Played.OTHER_SIDE),
                        Tuple.tuple(before.get(2).posture(), Played.OTHER_SIDE));
        keys.press(KeyCode.ALT, KeyCode.UP);
        assertThat(form().entries().subList(8, 10)).extracting(Entry::played).containsOnly(Played.OTHER_SIDE);
        keys.ctrl(KeyCode.DELETE);
        assertThat(form().entries()).isEqualTo(before);
        keys.ctrl(KeyCode.Z).ctrl(KeyCode.Z).ctrl(KeyCode.Z);
        assertThat(form().entries()).isEqualTo(before);
    }

    @Test
    void whatWasCopiedIsPutInAfterTheChosenEntry(FxRobot robot) {
        int before = form().entries().size();
        choose(robot, 0, 1);
        Keyboard keys = new Keyboard(robot);
        robot.interact(list()::requestFocus);
        keys.ctrl(KeyCode.C);
        choose(robot, 4, 4);
        robot.interact(list()::requestFocus);
        keys.ctrl(KeyCode.V);
        assertThat(form().entries()).hasSize(before + 2);
        assertThat(form().entries().get(5).posture())
                .isEqualTo(form().entries().get(0).posture());
        assertThat(form().entries()).extracting(Entry::id).doesNotHaveDuplicates();
    }

    /** The finding says "choose another posture for it": so it must be there to be chosen. */
    @Test
    void anEntryWhosePostureIsGoneShowsItsCardAndTakesAnother(FxRobot robot) {
        robot.interact(() -> {
            workplace.session.apply(Edit.of(
                    "Delete",
                    project -> project.withPostures(project.postures().stream()
                            .filter(posture -> !posture.id().key().equals("carry-the-lantern"))
                            .toList())));
            workplace.session.choose(workplace.session.choice().withEntry(1));
        });
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(words("card-title")).anyMatch(words -> words.contains("carry-the-lantern"));
        assertThat(read(() -> workplace.session.desk().get().survey().findings().stream()
                        .map(finding -> finding.rule().key())
                        .toList()))
                .contains("missing-posture");
        robot.interact(() -> workplace.session.apply(Edit.of(
                "Choose",
                project -> project.changeForm(
                        form().id(),
                        of -> of.change(
                                1,
                                entry -> entry.withPosture(
                                        form().entries().get(2).posture()))))));
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(words("card-title")).anyMatch(words -> words.contains("Lean on the Gate"));
    }

    @Test
    void directionsTotalsAndComparisonsOpenByKeyAndSayWhatIsThere(FxRobot robot) {
        Keyboard keys = new Keyboard(robot);
        keys.ctrlShift(KeyCode.I);
        TableView<?> table = (TableView<?>) read(() -> root().lookup(".plain-table"));
        assertThat(table.getItems()).hasSize(154);
        keys.press(KeyCode.ESCAPE).ctrl(KeyCode.T);
        assertThat(words("total")).contains("27", "154");
        keys.press(KeyCode.ESCAPE).ctrl(KeyCode.E);
        assertThat(words("card-title"))
                .anyMatch(words -> words.endsWith("counts differ") || words.equals("Nothing differs."));
        keys.press(KeyCode.ESCAPE);
    }

    @Test
    void theHallSaysWhatRoomTheFormNeedsAndALargerPillarIsMinded(FxRobot robot) throws Exception {
        WaitForAsyncUtils.waitFor(
                20,
                TimeUnit.SECONDS,
                () -> words("room-figures").stream().anyMatch(text -> text.contains("learners fit")));
        assertThat(words("room-figures")).anyMatch(text -> text.startsWith("In Weirside Hall it needs "));
        new Keyboard(robot).ctrlShift(KeyCode.H);
        Node width = read(() -> root().lookup(".hall-sheet .text-field"));
        assertThat(width).isNotNull();
        new Keyboard(robot).press(KeyCode.ESCAPE);
    }

    @Test
    void theFormGoesOutAsATable(FxRobot robot) throws Exception {
        new Keyboard(robot).ctrlShift(KeyCode.E);
        assertThat(Files.readString(workplace.table()).lines())
                .hasSizeGreaterThan(27)
                .first()
                .asString()
                .startsWith("\uFEFFpart,number,posture");
        new Keyboard(robot).ctrlShift(KeyCode.K);
        assertThat(Files.readString(workplace.table()).lines().findFirst().orElseThrow())
                .contains("section,count,line");
    }

    private TextField wayLine() {
        return read(() -> (TextField) root().lookup(".ways-in .entry-field .text-field"));
    }

    private List<Count> wayIntoTheChosen() {
        int chosen = read(() -> workplace.session.choice().entry());
        return new Holder.OfWay(form().id(), chosen, 0).counts(workplace.session.project());
    }

    private void typeIntoTheWay(FxRobot robot, String line) {
        robot.interact(() -> wayLine().requestFocus());
        robot.interact(() -> wayLine().setText(line));
        robot.push(KeyCode.ENTER);
    }

    @Test
    void theTransitionIsTypedCountByCount(FxRobot robot) {
        robot.interact(() -> list().getSelectionModel().clearAndSelect(1));
        int before = wayIntoTheChosen().size();
        typeIntoTheWay(robot, "shift 80 left");
        assertThat(wayIntoTheChosen()).hasSize(before + 1);
        assertThat(wayIntoTheChosen().getLast().stages().getFirst().moves())
                .containsExactly(new Move.Shift(Split.on(Side.LEFT, 80)));
        assertThat(read(() -> wayLine().isFocused() && wayLine().getText().isEmpty()))
                .isTrue();
    }

    @Test
    void whatIsNotUnderstoodOfATransitionStaysWithWhatToDo(FxRobot robot) {
        robot.interact(() -> list().getSelectionModel().clearAndSelect(1));
        int before = wayIntoTheChosen().size();
        typeIntoTheWay(robot, "lift the heel");
        assertThat(wayIntoTheChosen()).hasSize(before);
        assertThat(read(() -> wayLine().getText())).isEqualTo("lift the heel");
        assertThat(words("hint")).anyMatch(said -> said.contains("Which foot?"));
    }

    @Test
    void aTableTellsWhatItMakesOfEachLineBeforeAnythingIsDone(FxRobot robot) throws Exception {
        robot.interact(() -> root().lookup(".form-list > .list-view").requestFocus());
        String table = EntryTable.of(DEMO, DEMO.forms().getFirst());
        List<String> lines = table.lines().toList();
        Path shorter =
                Files.writeString(workplace.table(), String.join("\n", lines.subList(0, lines.size() - 1)) + "\n");
        int before = form().entries().size();
        robot.interact(() -> new Tables(workplace.session, (StackPane) root()).from(shorter));
        assertThat(form().entries()).hasSize(before);
        assertThat(words("table-change")).contains("goes");
        robot.interact(() -> button("Import").fire());
        assertThat(form().entries()).hasSize(before - 1);
    }

    @Test
    void aTableOfTheFormAsItIsChangesNothingAndSaysSo(FxRobot robot) throws Exception {
        Path same = Files.writeString(
                workplace.table(), EntryTable.of(DEMO, DEMO.forms().getFirst()));
        Form before = form();
        robot.interact(() -> new Tables(workplace.session, (StackPane) root()).from(same));
        assertThat(words("sheet-text")).anyMatch(said -> said.contains("Nothing changes"));
        assertThat(form()).isEqualTo(before);
    }

    @Test
    void totalsAndDirectionsAreTabsOfOneSheet(FxRobot robot) {
        robot.push(KeyCode.CONTROL, KeyCode.T);
        assertThat(words("total")).contains("154");
        ToggleButton directions = read(() -> root().lookupAll(".laid-sheet .pill").stream()
                .map(ToggleButton.class::cast)
                .filter(pill -> !pill.isSelected())
                .findFirst()
                .orElseThrow());
        robot.interact(directions::fire);
        TableView<?> counts = (TableView<?>) read(() -> root().lookup(".plain-table"));
        assertThat(counts.getItems()).hasSize(154);
        assertThat(words("total")).isEmpty();
    }
}
