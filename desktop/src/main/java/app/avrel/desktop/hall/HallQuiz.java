package app.avrel.desktop.hall;

import app.avrel.desktop.words.Words;
import app.avrel.form.Occurrence;
import app.avrel.lesson.log.Quizzing;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.input.KeyCode;

/** The quiz: after each posture it asks what comes next, and a remote's keys answer. */
final class HallQuiz {

    private final List<HallCount> counts;
    private final HallScreen screen;
    private final Consumer<HallCount> stand;
    private final Consumer<Quizzing> over;
    private Optional<Quizzing> going = Optional.empty();

    /**
     * @param stand shows the end of a count
     * @param over is given a quiz once it is over
     */
    HallQuiz(List<HallCount> counts, HallScreen screen, Consumer<HallCount> stand, Consumer<Quizzing> over) {
        this.counts = counts;
        this.screen = screen;
        this.stand = stand;
        this.over = over;
    }

    boolean on() {
        return going.isPresent();
    }

    /** Begins after a posture of the run. */
    void begin(List<Occurrence> run, Occurrence after) {
        going = Optional.of(Quizzing.from(run, run.indexOf(after)));
        show(going.get());
    }

    /** Space or onward shows what comes; then onward is known and back is not. {@return whether the key means something} */
    boolean answer(KeyCode key) {
        Quizzing now = going.orElseThrow();
        boolean onward = key == KeyCode.PAGE_DOWN || key == KeyCode.RIGHT || key == KeyCode.DOWN;
        boolean back = key == KeyCode.PAGE_UP || key == KeyCode.LEFT || key == KeyCode.UP;
        if (key == KeyCode.ESCAPE || key == KeyCode.Q || key == KeyCode.F11) {
            end(now);
            return true;
        }
        if (!now.shown() && (onward || key == KeyCode.SPACE)) {
            show(now.show());
        } else if (now.shown() && (onward || back)) {
            Quizzing next = now.answer(onward);
            if (next.over()) {
                end(next);
            } else {
                show(next);
            }
        }
        return onward || back || key == KeyCode.SPACE;
    }

    private void end(Quizzing quiz) {
        going = Optional.empty();
        over.accept(quiz);
    }

    private void show(Quizzing now) {
        going = Optional.of(now);
        Occurrence seen = now.next().filter(_ -> now.shown()).orElse(now.run().get(now.at()));
        List<HallCount> its =
                counts.stream().filter(count -> count.done().equals(seen)).toList();
        stand.accept(its.getLast());
        screen.ask(
                Words.of("hall.known_of", now.known(), now.asked()),
                now.shown() ? its.getFirst().words() : Words.of("hall.what_comes"),
                Words.of(now.shown() ? "hall.knew_or_not" : "hall.show_it"));
    }
}
