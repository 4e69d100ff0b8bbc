package app.avrel.desktop;

import static app.avrel.desktop.Keyboard.read;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.avrel.body.Side;
import app.avrel.body.WeightShare;
import app.avrel.desktop.ribbon.Ribbon;
import app.avrel.desktop.ribbon.RibbonCell;
import app.avrel.desktop.session.Desk;
import app.avrel.desktop.stagefloor.FloorPicture;
import app.avrel.desktop.stagefloor.FloorView;
import app.avrel.files.ForeignFields;
import app.avrel.files.Opened;
import app.avrel.files.ProjectFile;
import app.avrel.form.Track;
import app.avrel.lesson.Lesson;
import app.avrel.lesson.Segment;
import app.avrel.lesson.SegmentKind;
import app.avrel.mechanics.Spacing;
import app.avrel.motion.Pose;
import app.avrel.posture.Posture;
import app.avrel.posture.move.Contact;
import app.avrel.project.Project;
import app.avrel.project.Setting;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;

/** One evening's work at the real interface, by keyboard: from an empty project to a lesson on disk. */
@ExtendWith(ApplicationExtension.class)
class StoryTest {

    private static final Project EMPTY = Project.empty("Evening hall", Setting.USUAL);

    private Workplace workplace;

    @Start
    void open(Stage stage) {
        workplace = Workplace.open(stage, EMPTY);
    }

    @Test
    void anInstructorRecordsAPostureMakesAFormAndALessonAndFindsItAllAgain(FxRobot robot) {
        Keyboard keys = new Keyboard(robot);
        recordsAPostureOfFourCounts(keys);
        seesItOnRibbonAndFloor(keys);
        addsBothSidesToTheFormAndSeesTheFacing(keys);
        makesALessonAndReadsItsCues(keys);
        undoesAllAndRedoesAll(keys);
        savesAndReopensTheSame(keys);
    }

    private void recordsAPostureOfFourCounts(Keyboard keys) {
        keys.ctrlShift(KeyCode.N).type("Lift the Latch").tab(5).type("r");
        keys.ctrl(KeyCode.ENTER).ctrl(KeyCode.M).menu(2).type("all left");
        keys.ctrl(KeyCode.ENTER)
                .ctrl(KeyCode.M)
                .menu(1)
                .tab(3)
                .type("1.5 feet")
                .tab(1)
                .type("0.5 shoulder widths")
                .tab(1)
                .type("h")
                .tab(1)
                .type("forward");
        keys.ctrl(KeyCode.ENTER)
                .ctrl(KeyCode.M)
                .menu(5, 4)
                .ctrlShift(KeyCode.M)
                .menu(2)
                .type("65 right");
        keys.ctrl(KeyCode.ENTER).ctrl(KeyCode.M).menu(3).tab(1).type("45 right");
        Posture posture = workplace.session.project().postures().getFirst();
        assertThat(posture.name()).isEqualTo("Lift the Latch");
        assertThat(posture.side()).contains(Side.RIGHT);
        assertThat(posture.counts()).hasSize(4);
        assertThat(posture.counts().get(2).stages()).hasSize(2);
    }

    private void seesItOnRibbonAndFloor(Keyboard keys) {
        List<RibbonCell> cells = read(() -> shown(Ribbon.class).cells());
        assertThat(cells).extracting(RibbonCell::label).containsExactly("1", "2", "3", "4");
        assertThat(cells.get(0).stages().getLast().to()).isEqualTo(100);
        assertThat(cells.get(1).moved()).isEqualTo(Set.of(Side.RIGHT));
        assertThat(cells.get(2).stages().getLast().to()).isEqualTo(35);
        assertThat(cells.get(3).turned()).isCloseTo(45, within(1e-9));
        FloorPicture floor = read(() -> shown(FloorView.class).shown().orElseThrow());
        Pose end = floor.after();
        assertThat(end.weight()).isEqualTo(WeightShare.on(Side.RIGHT, 65));
        assertThat(end.right().contact()).isEqualTo(Contact.FLAT);
        assertThat(Spacing.of(floor.before()).length() / floor.body().footLength())
                .isCloseTo(1.5, within(1e-9));
        keys.press(KeyCode.PAGE_UP).press(KeyCode.PAGE_UP);
        assertThat(read(() -> shown(FloorView.class)
                        .shown()
                        .orElseThrow()
                        .after()
                        .right()
                        .contact()))
                .isEqualTo(Contact.HEEL);
    }

    private void addsBothSidesToTheFormAndSeesTheFacing(Keyboard keys) {
        keys.ctrl(KeyCode.DIGIT2).ctrl(KeyCode.M).menu(1).ctrl(KeyCode.M).menu(2);
        Desk desk = workplace.session.desk().get();
        Track track = desk.formTrack();
        assertThat(track.occurrences())
                .extracting(done -> done.posture().side().orElseThrow())
                .containsExactly(Side.RIGHT, Side.LEFT);
        assertThat(track.occurrences().get(0).end().facing().degrees()).isCloseTo(45, within(1e-9));
        assertThat(track.end().facing().degrees()).isCloseTo(0, within(1e-9));
        assertThat(labels("entry-facing")).contains("1:30", "12");
        assertThat(labels("finding-headline")).contains("They do not join");
    }

    private void makesALessonAndReadsItsCues(Keyboard keys) {
        keys.ctrl(KeyCode.DIGIT3).ctrlShift(KeyCode.N);
        assertThat(workplace.session.project().lessons()).hasSize(1);
        Lesson made = workplace.session.project().lessons().getFirst();
        workplaceChoosesSegment(
                made.segments().stream().map(Segment::kind).toList().indexOf(SegmentKind.NEW));
        assertThat(labels("cue-line"))
                .anyMatch(line -> line.contains("Shift all the weight onto the left foot."))
                .anyMatch(line ->
                        line.contains("Step the right foot forward, 1.5 foot-lengths, half a shoulder width wide,"
                                + " heel first, toes forward."));
    }

    private void workplaceChoosesSegment(int segment) {
        read(() -> {
            workplace.session.choose(workplace.session.choice().withSegment(segment));
            return true;
        });
    }

    private void undoesAllAndRedoesAll(Keyboard keys) {
        Project done = workplace.session.project();
        while (workplace.session.undoable().isPresent()) {
            keys.ctrl(KeyCode.Z);
        }
        assertThat(workplace.session.project()).isEqualTo(EMPTY);
        while (workplace.session.redoable().isPresent()) {
            keys.ctrlShift(KeyCode.Z);
        }
        assertThat(workplace.session.project()).isEqualTo(done);
    }

    private void savesAndReopensTheSame(Keyboard keys) {
        Project done = workplace.session.project();
        assertThat(workplace.session.dirty()).isTrue();
        keys.ctrl(KeyCode.S);
        assertThat(workplace.session.dirty()).isFalse();
        assertThat(ProjectFile.open(workplace.file)).isEqualTo(new Opened.Read(done, ForeignFields.NONE));
        keys.ctrl(KeyCode.O);
        assertThat(workplace.session.project()).isEqualTo(done);
        assertThat(workplace.session.file().get()).contains(workplace.file);
        assertThat(workplace.session.undoable()).isEmpty();
    }

    private <T extends Node> T shown(Class<T> type) {
        return workplace.shell.root().lookupAll("*").stream()
                .filter(type::isInstance)
                .map(type::cast)
                .findFirst()
                .orElseThrow();
    }

    private List<String> labels(String styleClass) {
        return read(() -> workplace.shell.root().lookupAll("." + styleClass).stream()
                .filter(Label.class::isInstance)
                .map(node -> ((Label) node).getText())
                .collect(Collectors.toList()));
    }
}
