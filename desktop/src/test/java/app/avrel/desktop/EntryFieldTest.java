package app.avrel.desktop;

import static app.avrel.desktop.Keyboard.read;
import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.desktop.parts.ChoiceField;
import app.avrel.desktop.parts.EntryField;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;
import javafx.css.PseudoClass;
import javafx.scene.Scene;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.VBox;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;

@ExtendWith(ApplicationExtension.class)
class EntryFieldTest {

    private final List<String> taken = new ArrayList<>();
    private final List<Integer> chosen = new ArrayList<>();
    private EntryField entry;
    private ChoiceField choice;

    private final Predicate<String> wholeNumbers = text -> {
        boolean understood = text.matches("\\d+");
        if (understood) {
            taken.add(text);
        }
        return understood;
    };

    @Start
    void open(Stage stage) {
        entry = new EntryField("Counts", "5", wholeNumbers);
        entry.show("3", wholeNumbers);
        choice = new ChoiceField("Breath");
        choice.show(List.of("in", "out", "held", "once more"), 0, chosen::add);
        stage.setScene(new Scene(new VBox(entry, choice), 400, 300));
        stage.show();
    }

    private void focus() {
        read(() -> {
            entry.field().requestFocus();
            entry.field().selectAll();
            return true;
        });
    }

    private boolean wrong() {
        return entry.field().getPseudoClassStates().contains(PseudoClass.getPseudoClass("wrong"));
    }

    @Test
    void whatIsUnderstoodIsTakenWhileTyping(FxRobot robot) {
        focus();
        new Keyboard(robot).type("12");
        assertThat(taken).containsExactly("1", "12");
        assertThat(wrong()).isFalse();
    }

    @Test
    void whatIsNotUnderstoodStaysHereMarkedAndSaysWhatWouldBe(FxRobot robot) {
        focus();
        new Keyboard(robot).type("x");
        assertThat(taken).isEmpty();
        assertThat(wrong()).isTrue();
        assertThat(entry.getChildren())
                .anyMatch(node ->
                        node instanceof Label label && label.getText().equals("Not understood. For example: 5"));
        new Keyboard(robot).press(KeyCode.ESCAPE);
        assertThat(entry.field().getText()).isEqualTo("3");
        assertThat(wrong()).isFalse();
    }

    @Test
    void leavingTheFieldShowsWhatTheDocumentHas(FxRobot robot) {
        focus();
        new Keyboard(robot).type("x").press(KeyCode.TAB);
        assertThat(entry.field().getText()).isEqualTo("3");
        assertThat(wrong()).isFalse();
    }

    @Test
    void aChangeFromElsewhereIsShownAtOnce() {
        focus();
        read(() -> {
            entry.show("7", wholeNumbers);
            return true;
        });
        assertThat(entry.field().getText()).isEqualTo("7");
        assertThat(taken).isEmpty();
    }

    @Test
    void theFirstLetterChoosesAndAgainTheNext(FxRobot robot) {
        read(() -> {
            choice.requestFocus();
            return true;
        });
        new Keyboard(robot).type("o").type("o");
        assertThat(chosen).containsExactly(1, 3);
    }
}
