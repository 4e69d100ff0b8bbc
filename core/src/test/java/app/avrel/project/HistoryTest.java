package app.avrel.project;

import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.samples.SampleProjects;
import app.avrel.samples.Samples;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;

class HistoryTest {

    private static final Project START = Project.empty("0", Setting.USUAL);

    private static Edit rename(String name) {
        return Edit.of("Rename to " + name, project -> project.withName(name));
    }

    private static Edit typed(String name) {
        return Edit.running("Type", "name", project -> project.withName(name));
    }

    @RepeatedTest(30)
    void undoingAllGivesTheStartAndRedoingAllTheEnd(RepetitionInfo repetition) {
        Samples samples = new Samples(repetition.getCurrentRepetition());
        Project start = SampleProjects.of(repetition.getCurrentRepetition(), 5);
        History history = new History(start);
        int steps = samples.number(1, 40);
        for (int i = 0; i < steps; i++) {
            history.apply(randomEdit(samples, i));
        }
        Project end = history.present();
        List<Project> back = new ArrayList<>();
        while (history.undoable().isPresent()) {
            back.add(history.present());
            history.undo();
        }
        assertThat(history.present()).isEqualTo(start);
        while (history.redoable().isPresent()) {
            history.redo();
            assertThat(history.present()).isEqualTo(back.removeLast());
        }
        assertThat(history.present()).isEqualTo(end);
    }

    private static Edit randomEdit(Samples samples, int i) {
        return switch (samples.number(0, 3)) {
            case 0 -> rename("name " + i);
            case 1 -> typed("typed " + i);
            case 2 ->
                Edit.of(
                        "Body",
                        project -> project.withSetting(
                                project.setting().withBodies(project.setting().bodies(), samples.number(0, 1))));
            default -> {
                var posture = samples.posture("p" + samples.number(0, 5));
                yield Edit.of("Posture", project -> project.changePosture(posture.id(), _ -> posture));
            }
        };
    }

    @Test
    void aRunOfTypingIsOneStep() {
        History history = new History(START);
        history.apply(typed("a"));
        history.apply(typed("ab"));
        history.apply(typed("abc"));
        history.undo();
        assertThat(history.present()).isEqualTo(START);
        assertThat(history.redoable()).contains("Type");
    }

    @Test
    void aRunEndsWhenSomethingElseIsDoneOrChosen() {
        History history = new History(START);
        history.apply(typed("a"));
        history.endRun();
        history.apply(typed("ab"));
        history.undo();
        assertThat(history.present().name()).isEqualTo("a");
    }

    @Test
    void aChangeThatChangesNothingLeavesNoStep() {
        History history = new History(START);
        assertThat(history.apply(rename("0"))).isFalse();
        assertThat(history.undoable()).isEmpty();
    }

    @Test
    void somethingNewForgetsWhatWasUndone() {
        History history = new History(START);
        history.apply(rename("1"));
        history.undo();
        history.apply(rename("2"));
        assertThat(history.redoable()).isEmpty();
        history.redo();
        assertThat(history.present().name()).isEqualTo("2");
    }

    @Test
    void withNothingToTakeBackUndoDoesNothing() {
        History history = new History(START);
        history.undo();
        history.redo();
        assertThat(history.present()).isEqualTo(START);
    }
}
