package app.avrel.desktop;

import static app.avrel.desktop.Keyboard.read;
import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.body.Side;
import app.avrel.body.WeightShare;
import app.avrel.desktop.ribbon.Ribbon;
import app.avrel.desktop.stagefloor.FloorView;
import app.avrel.desktop.words.Words;
import app.avrel.form.Moment;
import app.avrel.form.Track;
import app.avrel.label.Language;
import app.avrel.posture.Posture;
import app.avrel.posture.count.Count;
import app.avrel.posture.move.Contact;
import app.avrel.project.Project;
import app.avrel.project.Setting;
import java.util.List;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;

/** A posture recorded as one would say it. */
@ExtendWith(ApplicationExtension.class)
class TypedStoryTest {

    private static final List<String> COUNTS = List.of(
            "all left, breathe in",
            "right heel out to 1, half a shoulder wide, two foot lengths",
            "right foot down flat; shift 60 right while both palms push forward at chest height, out-breath",
            "sit back, right toes up",
            "turn the right foot on its heel, toes in 20",
            "right foot flat, shift 50 left, hands at the hips, two beats");

    private Workplace workplace;

    @Start
    void open(Stage stage) {
        workplace = Workplace.open(stage, Project.empty("Evening hall", Setting.USUAL));
    }

    @Test
    void sixCountsFromAnEmptyCardInAtMostTwentyKeyCommandsAndTheTypedText(FxRobot robot) {
        Keyboard keys = new Keyboard(robot);
        int commands = 0;
        keys.ctrlShift(KeyCode.N).type("Lift the Latch").ctrl(KeyCode.L);
        commands += 2;
        for (String count : COUNTS) {
            keys.type(count).press(KeyCode.ENTER);
            commands++;
        }
        Posture posture = workplace.session.project().postures().getFirst();
        assertThat(commands).isLessThanOrEqualTo(20);
        assertThat(posture.counts()).hasSize(6);
        assertThat(posture.counts().getLast().beats()).isEqualTo(2);
        Track track =
                workplace.session.desk().get().survey().track(posture.id()).orElseThrow();
        assertThat(weights(track))
                .startsWith(WeightShare.on(Side.LEFT, 100))
                .contains(WeightShare.on(Side.RIGHT, 60))
                .endsWith(WeightShare.EVEN);
        assertThat(read(() -> shown(Ribbon.class).cells())).hasSize(6);
    }

    private static List<WeightShare> weights(Track track) {
        return track.moments().stream()
                .map(Moment::after)
                .map(pose -> pose.weight())
                .toList();
    }

    @Test
    void whileTypingItIsShownAsIfRecordedAndEscapeLeavesNothingBehind(FxRobot robot) {
        Keyboard keys = new Keyboard(robot);
        keys.ctrlShift(KeyCode.N).type("Lift the Latch").ctrl(KeyCode.L);
        Project before = workplace.session.project();
        keys.type("right heel forward");
        assertThat(read(() -> shown(FloorView.class)
                        .shown()
                        .orElseThrow()
                        .after()
                        .right()
                        .contact()))
                .isEqualTo(Contact.HEEL);
        assertThat(workplace.session.project()).isEqualTo(before);
        keys.press(KeyCode.ESCAPE);
        assertThat(read(() -> shown(FloorView.class)
                        .shown()
                        .orElseThrow()
                        .after()
                        .right()
                        .contact()))
                .isEqualTo(Contact.FLAT);
        assertThat(workplace.session.project()).isEqualTo(before);
    }

    @Test
    void whatIsNotUnderstoodIsNamedAndEnterDoesNotRecordIt(FxRobot robot) {
        Keyboard keys = new Keyboard(robot);
        keys.ctrlShift(KeyCode.N).type("Lift the Latch").ctrl(KeyCode.L);
        keys.type("right foot out half a shzlder wide").press(KeyCode.ENTER);
        assertThat(workplace.session.project().postures().getFirst().counts()).isEmpty();
        assertThat(labels("hint")).anyMatch(text -> text.contains("Did you mean “shoulder”?"));
    }

    @Test
    void whatNoMoveHoldsStaysAsANoteThatCanBeCleared(FxRobot robot) {
        Keyboard keys = new Keyboard(robot);
        keys.ctrlShift(KeyCode.N).type("Lift the Latch").ctrl(KeyCode.L);
        keys.type("left foot forward, shimmering").press(KeyCode.ENTER);
        Count count = workplace.session.project().postures().getFirst().counts().getFirst();
        assertThat(count.moves()).hasSize(1);
        assertThat(count.note()).contains("shimmering");
        assertThat(labels("count-note")).anyMatch(text -> text.contains("shimmering"));
    }

    @Test
    void aWordOfTheSchoolsOwnIsTaughtFromTheLineAndKnownFromThenOn(FxRobot robot) {
        Keyboard keys = new Keyboard(robot);
        keys.ctrlShift(KeyCode.N).type("Lift the Latch").ctrl(KeyCode.L);
        keys.type("millstream ");
        robot.clickOn("Teach it");
        keys.type("left foot forward, shift 70 left").press(KeyCode.ENTER);
        assertThat(workplace.session.project().setting().taught())
                .singleElement()
                .satisfies(word -> assertThat(word.means()).isEqualTo("left foot forward, shift 70 left"));
        keys.press(KeyCode.ENTER);
        assertThat(workplace.session.project().postures().getFirst().counts())
                .singleElement()
                .satisfies(count -> assertThat(count.moves()).hasSize(2));
    }

    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource(delimiter = '|', textBlock = """
            SPANISH | molinera | pie izquierdo adelante
            CHINESE | 磨坊势 | 左脚向前迈步
            """)
    void itIsTaughtInTheLanguageOfTheWindowToo(Language language, String phrase, String means, FxRobot robot) {
        robot.interact(() -> workplace.shell.speak(language));
        try {
            Keyboard keys = new Keyboard(robot);
            keys.ctrlShift(KeyCode.N).type("Lift the Latch").ctrl(KeyCode.L);
            keys.type(phrase + " ");
            robot.clickOn(Words.of("postures.teach"));
            keys.type(means).press(KeyCode.ENTER);
            assertThat(workplace.session.project().setting().taught())
                    .singleElement()
                    .satisfies(word -> assertThat(word.language()).isEqualTo(language))
                    .satisfies(word -> assertThat(word.phrase()).isEqualTo(phrase))
                    .satisfies(word -> assertThat(word.means()).isEqualTo(means));
        } finally {
            robot.interact(() -> workplace.shell.speak(Language.ENGLISH));
        }
    }

    @Test
    void wholePosturesAreReadFromNotes(FxRobot robot) {
        Keyboard keys = new Keyboard(robot);
        int before = workplace.session.project().postures().size();
        robot.press(KeyCode.CONTROL, KeyCode.ALT, KeyCode.N).release(KeyCode.N, KeyCode.ALT, KeyCode.CONTROL);
        robot.clickOn(".notes-text");
        keys.type("# Cross the Plank\n1. left foot forward\n2. shift 70 left\n");
        robot.clickOn("Record them");
        assertThat(workplace.session.project().postures()).hasSize(before + 1);
        assertThat(workplace.session.project().postures().getLast().counts()).hasSize(2);
    }

    /** The card shows what is typed: whoever presses its buttons means that count, and no recorded one is touched. */
    @Test
    void theCardsButtonsActOnWhatIsShownWhileALineIsTyped(FxRobot robot) {
        Keyboard keys = new Keyboard(robot);
        keys.ctrlShift(KeyCode.N).type("Lift the Latch").ctrl(KeyCode.L);
        keys.type("shift 60 left").press(KeyCode.ENTER).type("sink 1 fist").press(KeyCode.ENTER);
        List<Count> before = workplace.session.project().postures().getFirst().counts();
        keys.type("rise half a fist");
        keys.ctrl(KeyCode.DELETE);
        List<Count> after = workplace.session.project().postures().getFirst().counts();
        assertThat(after).isEqualTo(before);
        keys.ctrl(KeyCode.Z);
        assertThat(workplace.session.project().postures().getFirst().counts())
                .as("what was typed had been recorded")
                .hasSize(3);
    }

    @Test
    void theAngleBetweenAnyTwoDirectionsIsShownOnDemand(FxRobot robot) {
        Keyboard keys = new Keyboard(robot);
        keys.ctrlShift(KeyCode.N).type("Lift the Latch").ctrl(KeyCode.L);
        keys.type("turn the chest 20 left").press(KeyCode.ENTER).ctrlShift(KeyCode.G);
        assertThat(labels("angle-words")).containsExactly("From the chest to the hips: 20° to the right.");
        assertThat(labels("fit-words"))
                .anyMatch(
                        words -> words.contains("left toes: 20° to the right") && words.contains("eyes: the same way"));
    }

    @Test
    void aCountIsEditedInItsOwnWords(FxRobot robot) {
        Keyboard keys = new Keyboard(robot);
        keys.ctrlShift(KeyCode.N).type("Lift the Latch").ctrl(KeyCode.L);
        keys.type("shift 60 left").press(KeyCode.ENTER);
        keys.press(KeyCode.F2).type(". sink 1 fist").press(KeyCode.ENTER);
        Count count = workplace.session.project().postures().getFirst().counts().getFirst();
        assertThat(count.moves()).hasSize(2);
        keys.ctrl(KeyCode.Z);
        assertThat(workplace
                        .session
                        .project()
                        .postures()
                        .getFirst()
                        .counts()
                        .getFirst()
                        .moves())
                .hasSize(1);
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
                .toList());
    }
}
