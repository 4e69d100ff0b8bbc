package app.avrel.desktop;

import static app.avrel.desktop.Keyboard.read;
import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.desktop.parts.Drawing;
import app.avrel.desktop.session.Choice;
import app.avrel.desktop.shell.RoomName;
import app.avrel.files.Demo;
import app.avrel.label.Labels;
import app.avrel.label.Language;
import app.avrel.project.Project;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import javafx.application.Platform;
import javafx.scene.AccessibleRole;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.ComboBoxBase;
import javafx.scene.control.Control;
import javafx.scene.control.Labeled;
import javafx.scene.control.ListView;
import javafx.scene.control.Slider;
import javafx.scene.control.TextField;
import javafx.scene.control.TextInputControl;
import javafx.scene.text.Text;
import javafx.stage.Stage;
import javafx.stage.StageStyle;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

/** What holds in every room, whatever language it speaks: everything can be heard, reached by key, and read to its end. */
@ExtendWith(ApplicationExtension.class)
class EveryRoomTest {

    private static final Project DEMO = Demo.project();

    /** Where a word too many is cut on purpose, and shown whole by its tip. */
    private static final Set<String> MAY_BE_CUT = Set.of(
            "posture-name",
            "posture-other",
            "entry-name",
            "entry-below",
            "finding-place",
            "finding-headline",
            "room-figures",
            "list-cell",
            "project-name",
            "lesson-title",
            "segment-title",
            "segment-how",
            "course-name",
            "call",
            "said");

    private Workplace workplace;
    private Stage own;

    @Start
    void open(Stage stage) {
        Platform.setImplicitExit(false);
        own = new Stage(StageStyle.UNDECORATED);
        workplace = Workplace.open(own, DEMO, 1280, 800);
    }

    @AfterEach
    void inEnglishAgain(FxRobot robot) {
        robot.interact(own::close);
        Labels.speak(Language.ENGLISH);
    }

    private void enter(FxRobot robot, RoomName room, Language language) {
        robot.interact(() -> {
            workplace.shell.speak(language);
            Choice choice = workplace.session.choice();
            workplace.session.choose(choice.withPosture(DEMO.postures().get(7).id(), 1)
                    .withEntry(4)
                    .withLesson(5)
                    .withSegment(2));
            workplace.shell.go(room);
        });
        WaitForAsyncUtils.waitForFxEvents();
        robot.interact(() -> {
            workplace.shell.root().applyCss();
            workplace.shell.root().layout();
        });
    }

    private List<Node> all() {
        return read(() -> {
            List<Node> nodes = new ArrayList<>();
            walk(workplace.shell.root(), nodes);
            return nodes;
        });
    }

    private static void walk(Node node, List<Node> into) {
        if (!node.isVisible()) {
            return;
        }
        into.add(node);
        if (node instanceof Parent parent) {
            parent.getChildrenUnmodifiable().forEach(child -> walk(child, into));
        }
    }

    @ParameterizedTest
    @EnumSource(Language.class)
    void whateverCanBeReachedByKeyHasANameAndARoleForWhoHearsTheScreen(Language language, FxRobot robot) {
        for (RoomName room : RoomName.values()) {
            enter(robot, room, language);
            List<String> nameless = read(() -> all().stream()
                    .filter(Node::isFocusTraversable)
                    .filter(node -> !(node instanceof javafx.scene.control.ScrollPane))
                    .filter(node -> name(node).isBlank() || node.getAccessibleRole() == AccessibleRole.NODE)
                    .map(node -> node.getClass().getSimpleName() + " " + node.getStyleClass() + " " + node.getId())
                    .distinct()
                    .toList());
            assertThat(nameless).as("%s", room).isEmpty();
        }
    }

    private static String name(Node node) {
        String said = node.getAccessibleText();
        if (said != null && !said.isBlank()) {
            return said;
        }
        return node instanceof Labeled labeled && labeled.getText() != null ? labeled.getText() : "";
    }

    @Test
    void everyPictureSaysWhatItShows(FxRobot robot) {
        for (RoomName room : RoomName.values()) {
            enter(robot, room, Language.ENGLISH);
            List<Node> silent = read(() -> all().stream()
                    .filter(Drawing.class::isInstance)
                    .filter(Node::isFocusTraversable)
                    .filter(node -> node.getAccessibleText() == null
                            || node.getAccessibleText().isBlank())
                    .toList());
            assertThat(silent).as("%s", room).isEmpty();
        }
    }

    @ParameterizedTest
    @EnumSource(Language.class)
    void noLabelIsCut(Language language, FxRobot robot) {
        for (RoomName room : RoomName.values()) {
            enter(robot, room, language);
            List<String> cut = read(() -> all().stream()
                    .filter(Labeled.class::isInstance)
                    .map(Labeled.class::cast)
                    .filter(labeled ->
                            labeled.getText() != null && !labeled.getText().isEmpty())
                    .filter(EveryRoomTest::cut)
                    .filter(labeled -> !mayBeCut(labeled))
                    .map(labeled -> labeled.getText() + " " + labeled.getStyleClass())
                    .toList());
            assertThat(cut).as("%s", room).isEmpty();
        }
    }

    @ParameterizedTest
    @EnumSource(Language.class)
    void whatAnEmptyFieldAsksForCanBeReadToItsEnd(Language language, FxRobot robot) {
        for (RoomName room : RoomName.values()) {
            enter(robot, room, language);
            List<String> cut = read(() -> all().stream()
                    .filter(TextField.class::isInstance)
                    .map(TextField.class::cast)
                    .filter(field -> field.getText().isEmpty())
                    .filter(EveryRoomTest::promptIsCut)
                    .filter(field -> !mayBeCut(field))
                    .map(TextField::getPromptText)
                    .toList());
            assertThat(cut).as("%s", room).isEmpty();
        }
    }

    private static boolean promptIsCut(TextField field) {
        Text prompt = new Text(field.getPromptText());
        prompt.setFont(field.getFont());
        double room = field.getWidth() - field.snappedLeftInset() - field.snappedRightInset();
        return prompt.getLayoutBounds().getWidth() > room;
    }

    private static boolean cut(Labeled labeled) {
        return labeled.lookup(".text") instanceof Text text
                && text.getParent() == labeled
                && !text.getText().strip().equals(labeled.getText().strip());
    }

    private static boolean mayBeCut(Node node) {
        for (Node at = node; at != null; at = at.getParent()) {
            if (at.getStyleClass().stream().anyMatch(MAY_BE_CUT::contains) || at instanceof ComboBoxBase) {
                return true;
            }
        }
        return false;
    }

    @ParameterizedTest
    @EnumSource(
            value = Language.class,
            names = {"SPANISH", "CHINESE"})
    void nothingButNamesStaysEnglish(Language language, FxRobot robot) {
        Set<String> english = Set.of(
                "Add",
                "Close",
                "Cancel",
                "Postures",
                "Form",
                "Lessons",
                "Cues",
                "Log",
                "New posture",
                "Settings",
                "Help");
        for (RoomName room : RoomName.values()) {
            enter(robot, room, language);
            List<String> left = read(() -> all().stream()
                    .filter(node -> node instanceof ButtonBase)
                    .map(node -> ((ButtonBase) node).getText())
                    .filter(english::contains)
                    .toList());
            assertThat(left).as(room + " in " + language).isEmpty();
        }
    }

    @Test
    void theTabKeyReachesEveryKindOfControlOfTheRoom(FxRobot robot) {
        for (RoomName room : RoomName.values()) {
            enter(robot, room, Language.ENGLISH);
            List<Node> unreachable = read(() -> all().stream()
                    .filter(node -> node instanceof ButtonBase
                            || node instanceof TextInputControl
                            || node instanceof ComboBoxBase
                            || node instanceof ListView
                            || node instanceof Slider)
                    .filter(node -> !(node.getParent() instanceof ComboBoxBase))
                    .filter(node -> ((Control) node).getSkin() != null)
                    .filter(node -> !node.isFocusTraversable())
                    .filter(node -> node.getStyleClass().stream()
                            .noneMatch(name -> name.endsWith("increment-button")
                                    || name.endsWith("decrement-button")
                                    || name.equals("arrow-button")))
                    .toList());
            assertThat(unreachable).as("%s", room).isEmpty();
        }
    }
}
