package app.avrel.files;

import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.posture.Posture;
import app.avrel.project.Edit;
import app.avrel.project.History;
import app.avrel.project.Project;
import app.avrel.samples.Samples;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** Years of an instructor's work at one sitting: nothing of it is lost on the way back to its beginning and forth again. */
class ManyEditsTest {

    private static final int EDITS = Attacks.of(100_000);

    /** Of so many edits the state after one is kept, to be met again. */
    private static final int ONE_IN = 97;

    private final Samples samples = new Samples(17);

    private Edit some(Project of, int nth) {
        return switch (samples.number(0, 4)) {
            case 0 -> Edit.of("Name", project -> project.withName("Hall " + nth));
            case 1 -> {
                int chosen = samples.number(0, of.setting().bodies().size() - 1);
                yield Edit.of(
                        "Body",
                        project -> project.withSetting(
                                project.setting().withBodies(project.setting().bodies(), chosen)));
            }
            case 2 -> {
                Posture fresh = samples.posture("new " + nth);
                yield Edit.of(
                        "New posture",
                        project -> project.withPostures(
                                Stream.concat(project.postures().stream().limit(30), Stream.of(fresh))
                                        .toList()));
            }
            default -> {
                Posture old = of.postures().get(samples.number(0, of.postures().size() - 1));
                Posture other = samples.posture(old.id().key());
                yield Edit.of("Posture", project -> project.changePosture(old.id(), _ -> other));
            }
        };
    }

    @Test
    void undoingAllGivesTheBeginningAndRedoingAllTheEnd() {
        Project start = Demo.project();
        History history = new History(start);
        Deque<Project> met = new ArrayDeque<>();
        int steps = 0;
        for (int nth = 1; nth <= EDITS; nth++) {
            steps += history.apply(some(history.present(), nth)) ? 1 : 0;
            if (nth % ONE_IN == 0) {
                met.push(history.present());
            }
        }
        Project end = history.present();
        String text = ProjectText.of(end);
        Deque<Project> again = new ArrayDeque<>(met);
        int back = 0;
        while (history.undoable().isPresent()) {
            while (!met.isEmpty() && met.peek() == history.present()) {
                met.pop();
            }
            history.undo();
            back++;
        }
        assertThat(met).isEmpty();
        assertThat(back).isEqualTo(steps).isGreaterThan(EDITS / 2);
        assertThat(history.present()).isEqualTo(start);
        while (history.redoable().isPresent()) {
            history.redo();
            while (!again.isEmpty() && again.peekLast() == history.present()) {
                again.removeLast();
            }
        }
        assertThat(again).isEmpty();
        assertThat(history.present()).isEqualTo(end);
        assertThat(ProjectText.of(history.present())).isEqualTo(text);
    }
}
