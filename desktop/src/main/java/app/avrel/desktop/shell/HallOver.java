package app.avrel.desktop.shell;

import app.avrel.desktop.hall.HallView;
import app.avrel.desktop.session.Desk;
import app.avrel.desktop.session.Session;
import app.avrel.desktop.words.Words;
import app.avrel.form.Occurrence;
import app.avrel.lesson.log.Quizzing;
import app.avrel.project.Edit;
import java.time.LocalDate;
import java.util.List;
import java.util.function.BooleanSupplier;
import javafx.scene.input.KeyCombination;
import javafx.scene.layout.StackPane;
import javafx.stage.Stage;

/** What the room has, over the whole window or screen, to be read from afar. */
public final class HallOver {

    private final Session session;
    private final StackPane root;
    private final BooleanSupplier ofPosture;
    private final Runnable closed;

    /**
     * @param ofPosture whether it shows the posture on the desk, else the form
     * @param closed what is done once it is put away
     */
    HallOver(Session session, StackPane root, BooleanSupplier ofPosture, Runnable closed) {
        this.session = session;
        this.root = root;
        this.ofPosture = ofPosture;
        this.closed = closed;
    }

    /** Fills the screen. */
    void open() {
        show();
        if (root.getScene().getWindow() instanceof Stage stage) {
            stage.setFullScreenExitKeyCombination(KeyCombination.NO_MATCH);
            stage.setFullScreenExitHint("");
            stage.setFullScreen(true);
        }
    }

    /** Fills the window: with the posture on the desk, or the form. */
    public void show() {
        boolean posture = ofPosture.getAsBoolean();
        Desk desk = session.desk().get();
        List<Occurrence> run = posture
                ? desk.posture().flatMap(some -> desk.occurrence(some.id())).stream()
                        .toList()
                : desk.formTrack().occurrences();
        int from = posture
                ? desk.choice().count()
                : countsBefore(run, desk.choice().entry());
        HallView hall = new HallView(run, desk, from, this::close, this::keep);
        root.getChildren().add(hall);
        hall.requestFocus();
    }

    /** Keeps the score of a quiz over the form on the desk. */
    private void keep(Quizzing over) {
        over.score(session.desk().get().form().id(), LocalDate.now())
                .ifPresent(score ->
                        session.apply(Edit.of(Words.of("hall.keep_score"), project -> project.keeping(score))));
    }

    private static int countsBefore(List<Occurrence> run, int entry) {
        return run.stream()
                .filter(done -> done.entry() < entry)
                .mapToInt(Occurrence::counts)
                .sum();
    }

    /** {@return whether it is there: every key is then its own, and a remote's page keys step there} */
    boolean shown() {
        return root.getChildren().stream().anyMatch(HallView.class::isInstance);
    }

    void close() {
        root.getChildren().removeIf(HallView.class::isInstance);
        if (root.getScene().getWindow() instanceof Stage stage) {
            stage.setFullScreen(false);
        }
        closed.run();
    }
}
