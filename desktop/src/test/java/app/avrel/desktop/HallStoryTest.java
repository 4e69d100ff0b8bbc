package app.avrel.desktop;

import static app.avrel.desktop.Keyboard.read;
import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.desktop.hall.HallView;
import app.avrel.desktop.shell.RoomName;
import app.avrel.files.Demo;
import app.avrel.lesson.log.Quiz;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;

/** Rehearsing in the hall, with a presenter's remote or the keys. */
@ExtendWith(ApplicationExtension.class)
class HallStoryTest {

    private Workplace workplace;

    @Start
    void open(Stage stage) {
        workplace = Workplace.open(stage, Demo.project());
    }

    @BeforeEach
    void inTheHall(FxRobot robot) {
        robot.interact(() -> {
            workplace.shell.go(RoomName.FORM);
            workplace.session.choose(workplace.session.choice().withEntry(0));
            workplace.shell.hall().show();
        });
    }

    private String text(String styleClass) {
        return read(() -> ((Label) workplace.shell.root().lookup("." + styleClass)).getText());
    }

    @Test
    void aRemoteStepsThroughTheCountsAndSaysWhatComesNext(FxRobot robot) {
        assertThat(text("hall-posture")).isEqualTo("Open the Sluice");
        String next = text("hall-next");
        assertThat(next).startsWith("then: right foot out");
        new Keyboard(robot).press(KeyCode.PAGE_DOWN);
        assertThat(text("hall-words")).isEqualTo("right foot out");
        new Keyboard(robot).press(KeyCode.PAGE_UP);
        assertThat(text("hall-next")).isEqualTo(next);
    }

    @Test
    void theWordsCanBeHiddenToAskWhatComes(FxRobot robot) {
        new Keyboard(robot).press(KeyCode.H);
        assertThat(text("hall-words")).isEqualTo("…");
        assertThat(text("hall-next")).isEmpty();
        new Keyboard(robot).press(KeyCode.H);
        assertThat(text("hall-words")).isEqualTo("all left, sink");
    }

    @Test
    void whereThereIsNoSoundItSaysSoAndGoesOn(FxRobot robot) {
        new Keyboard(robot).press(KeyCode.V);
        assertThat(text("hall-tempo")).containsAnyOf("no sound here: the words are shown", "voice on");
        new Keyboard(robot).press(KeyCode.PAGE_DOWN);
        assertThat(text("hall-words")).isEqualTo("right foot out");
    }

    @Test
    void onePostureCanBePlayedOverAndOver(FxRobot robot) {
        new Keyboard(robot).press(KeyCode.L);
        assertThat(text("hall-tempo")).startsWith("this posture over and over");
        HallView hall = read(() -> (HallView) workplace.shell.root().lookup(".hall"));
        robot.interact(() -> hall.playing().at(hall.playing().counts() > 6 ? 4 : 0, 0.5));
        robot.interact(() -> hall.playing().at(5, 0));
        assertThat(text("hall-posture")).isEqualTo("Open the Sluice");
    }

    @Test
    void escapeLeavesToTheRoomOneCameFrom(FxRobot robot) {
        new Keyboard(robot).press(KeyCode.ESCAPE);
        Node hall = read(() -> workplace.shell.root().lookup(".hall"));
        assertThat(hall).isNull();
    }

    private void keys(FxRobot robot, KeyCode... keys) {
        for (KeyCode key : keys) {
            new Keyboard(robot).press(key);
        }
    }

    @Test
    void aQuizAsksWhatComesNextAndItsScoreIsKeptInTheLog(FxRobot robot) {
        keys(robot, KeyCode.Q);
        assertThat(text("hall-words")).isEqualTo("What comes next?");
        assertThat(text("hall-number")).isEqualTo("known: 0 of 0");
        keys(robot, KeyCode.PAGE_UP);
        assertThat(text("hall-number")).as("nothing was shown yet").isEqualTo("known: 0 of 0");
        keys(robot, KeyCode.SPACE);
        String second = text("hall-posture");
        assertThat(second).isNotEqualTo("Open the Sluice");
        assertThat(text("hall-words")).isNotEqualTo("What comes next?");
        keys(robot, KeyCode.PAGE_DOWN);
        assertThat(text("hall-number")).isEqualTo("known: 1 of 1");
        assertThat(text("hall-posture")).isEqualTo(second);
        keys(robot, KeyCode.PAGE_DOWN, KeyCode.PAGE_UP, KeyCode.ESCAPE);
        assertThat(text("hall-tempo")).startsWith("known: 1 of 2");
        Quiz kept = workplace.session.project().quizzes().getLast();
        assertThat(kept.known()).isEqualTo(1);
        assertThat(kept.missed())
                .containsExactly(
                        Demo.project().forms().getFirst().entries().get(2).posture());
    }

    @Test
    void aQuizThatWasNotAnsweredIsNotKept(FxRobot robot) {
        int before = workplace.session.project().quizzes().size();
        keys(robot, KeyCode.Q, KeyCode.SPACE, KeyCode.Q);
        assertThat(workplace.session.project().quizzes()).hasSize(before);
        assertThat(text("hall-words")).isNotEqualTo("What comes next?");
    }

    @Test
    void oneIsCountedInBeforeTheFirstCount(FxRobot robot) {
        keys(robot, KeyCode.C);
        assertThat(text("hall-tempo")).startsWith("counted in: 4 beats");
        HallView hall = read(() -> (HallView) workplace.shell.root().lookup(".hall"));
        robot.interact(() -> hall.playing().before(10));
        assertThat(text("hall-number")).isEqualTo("begins in 4");
        robot.interact(() -> hall.playing().before(0.1));
        assertThat(text("hall-number")).isEqualTo("begins in 1");
        robot.interact(() -> hall.playing().at(0, 0));
        assertThat(text("hall-number")).startsWith("count 1");
    }

    @Test
    void byTheBreathACountLastsAsLongAsItsBreath(FxRobot robot) {
        HallView hall = read(() -> (HallView) workplace.shell.root().lookup(".hall"));
        double beats = hall.playing().seconds(0);
        keys(robot, KeyCode.B);
        assertThat(text("hall-tempo")).startsWith("6.0 breaths a minute");
        assertThat(hall.playing().seconds(0)).isEqualTo(5).isNotEqualTo(beats);
        keys(robot, KeyCode.MINUS);
        assertThat(hall.playing().seconds(0)).isGreaterThan(5);
        keys(robot, KeyCode.B);
        assertThat(hall.playing().seconds(0)).isEqualTo(beats);
    }
}
