package app.avrel.desktop;

import static app.avrel.desktop.Keyboard.read;
import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.desktop.parts.Divider;
import app.avrel.desktop.parts.RoomPane;
import app.avrel.desktop.parts.SideBySide;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Region;
import javafx.stage.Stage;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;

/** The edges between the views of a room can be moved, by mouse and by key, and what is moved stays within its bounds. */
@ExtendWith(ApplicationExtension.class)
class DividersTest {

    private final Region list = new Pane();
    private final Region middle = new Pane();
    private final Region card = new Pane();
    private final Region line = new Pane();
    private final Region ribbon = new Pane();
    private RoomPane room;

    @Start
    void open(Stage stage) {
        line.setPrefHeight(70);
        ribbon.setPrefHeight(150);
        room = new RoomPane("test-room", list, middle, card, Optional.of(line), ribbon);
        stage.setScene(new Scene(room, 1000, 700));
        stage.show();
    }

    private Divider divider(String edge) {
        return (Divider) room.lookup("#test-room-" + edge);
    }

    private void size(FxRobot robot, double width, double height) {
        robot.interact(() -> {
            room.resize(width, height);
            room.layout();
        });
    }

    private static double right(Region region) {
        return region.getLayoutX() + region.getWidth();
    }

    private static double bottom(Region region) {
        return region.getLayoutY() + region.getHeight();
    }

    @Test
    void viewsLieSideBySideTheLineAboveTheRibbonAndNothingOverlaps(FxRobot robot) {
        size(robot, 1000, 700);
        assertThat(right(list)).isEqualTo(middle.getLayoutX());
        assertThat(right(middle)).isEqualTo(card.getLayoutX());
        assertThat(right(card)).isEqualTo(1000);
        assertThat(line.getLayoutX()).isEqualTo(right(list));
        assertThat(line.getWidth()).isEqualTo(1000 - list.getWidth());
        assertThat(bottom(middle)).isEqualTo(line.getLayoutY());
        assertThat(bottom(line)).isEqualTo(ribbon.getLayoutY());
        assertThat(bottom(ribbon)).isEqualTo(700);
        assertThat(bottom(list)).isEqualTo(ribbon.getLayoutY());
    }

    @Test
    void theArrowKeysMoveAnEdgeAndThereAndBackIsWhereItWas(FxRobot robot) {
        size(robot, 1000, 700);
        double before = read(() -> list.getWidth());
        Keyboard keys = new Keyboard(robot);
        robot.interact(() -> divider("list").requestFocus());
        keys.press(KeyCode.RIGHT);
        robot.interact(room::layout);
        double wider = read(() -> list.getWidth());
        assertThat(wider).isGreaterThan(before);
        keys.press(KeyCode.LEFT);
        robot.interact(room::layout);
        assertThat(read(() -> list.getWidth())).isCloseTo(before, Offset.offset(2.0));
    }

    @Test
    void anEdgeGoesNoFurtherThanItMay(FxRobot robot) {
        size(robot, 1000, 700);
        robot.interact(() -> divider("list").place(99));
        robot.interact(() -> divider("card").place(-99));
        robot.interact(() -> divider("ribbon").place(99));
        robot.interact(room::layout);
        assertThat(middle.getWidth()).isGreaterThan(300);
        assertThat(card.getWidth()).isGreaterThan(100);
        assertThat(ribbon.getHeight()).isLessThanOrEqualTo(350);
    }

    @Test
    void whatIsNoNumberMovesNothing(FxRobot robot) {
        Divider divider = divider("list");
        robot.interact(() -> divider.place(1.2));
        robot.interact(() -> divider.place(Double.NaN));
        double place = read(() -> divider.place());
        assertThat(place).isEqualTo(1.2);
    }

    @Test
    void inANarrowWindowTheListFoldsAwayAndComesWhenItIsAskedFor(FxRobot robot) {
        size(robot, 700, 500);
        assertThat(read(list::isVisible)).isFalse();
        assertThat(middle.getLayoutX()).isLessThan(60);
        Node fold = read(() -> room.lookup(".pill"));
        robot.interact(() -> ((javafx.scene.control.Button) fold).fire());
        robot.interact(room::layout);
        assertThat(read(list::isVisible)).isTrue();
        assertThat(middle.getLayoutX()).isLessThan(60);
        size(robot, 1200, 700);
        assertThat(read(list::isVisible)).isTrue();
        assertThat(read(fold::isVisible)).isFalse();
    }

    @Test
    void twoViewsSideBySideShareTheWidthAsTheirDividerStands(FxRobot robot) {
        Region left = new Pane();
        Region right = new Pane();
        SideBySide both = new SideBySide("test-both", left, right, 0.4);
        robot.interact(() -> {
            both.setManaged(false);
            ((Pane) middle).getChildren().add(both);
            both.resize(500, 300);
            both.layout();
        });
        assertThat(right(left)).isCloseTo(200, Offset.offset(4.0));
        assertThat(right(right)).isEqualTo(500);
        robot.interact(() -> {
            ((Divider) both.lookup("#test-both")).place(0.75);
            both.layout();
        });
        assertThat(right(left)).isCloseTo(375, Offset.offset(4.0));
        assertThat(right.getHeight()).isEqualTo(300);
    }
}
