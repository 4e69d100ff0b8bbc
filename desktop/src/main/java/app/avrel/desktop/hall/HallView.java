package app.avrel.desktop.hall;

import app.avrel.desktop.figure.Player;
import app.avrel.desktop.session.Desk;
import app.avrel.desktop.words.Words;
import app.avrel.form.Occurrence;
import app.avrel.lesson.log.Quizzing;
import java.util.List;
import java.util.function.Consumer;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.StackPane;

/**
 * What stands on the chair in the hall: posture, count, words, figure and floor over the whole screen.
 *
 * <p>Page keys and arrows step, space plays, plus and minus change the tempo, B goes by the breath, C counts in; V speaks, H
 * hides the words until the next step, L plays one posture over and over, Q asks what comes next; Escape leaves.
 */
public final class HallView extends StackPane {

    private final List<HallCount> counts;
    private final List<Occurrence> run;
    private final Runnable leave;
    private final Consumer<Quizzing> asked;
    private final HallScreen screen;
    private final HallQuiz quiz;
    private final HallVoice voice;
    private final HallPlaying playing;
    private String told = "";

    /**
     * @param from the count with which to begin, from 0
     * @param asked is given a quiz once it is over
     */
    public HallView(List<Occurrence> run, Desk desk, int from, Runnable leave, Consumer<Quizzing> asked) {
        this.run = run;
        this.asked = asked;
        this.leave = leave;
        voice = new HallVoice(desk.project().setting().sounds());
        counts = HallCounts.of(run, desk);
        screen = new HallScreen(desk);
        playing = new HallPlaying(counts, screen, voice, from);
        quiz = new HallQuiz(counts, screen, playing::standAt, this::score);
        getStyleClass().add("hall");
        setFocusTraversable(true);
        getChildren().add(screen);
        addEventFilter(KeyEvent.KEY_PRESSED, this::key);
        playing.stand();
        tell("");
    }

    /** {@return what is shown as it plays} */
    public Player.Shown playing() {
        return playing;
    }

    private void key(KeyEvent event) {
        boolean known = quiz.on() ? quiz.answer(event.getCode()) : drive(event.getCode());
        if (known || event.getCode() == KeyCode.TAB) {
            event.consume();
        }
    }

    private boolean drive(KeyCode key) {
        return switch (key) {
            case PAGE_DOWN, RIGHT, DOWN -> go(1);
            case PAGE_UP, LEFT, UP -> go(-1);
            case HOME -> go(-counts.size());
            case END -> go(counts.size());
            case SPACE -> play();
            case V -> tell(voice.toggle());
            case H -> hide();
            case L -> loop();
            case B -> pace(playing.pace().otherWay());
            case C -> countIn();
            case Q -> ask();
            case PLUS, ADD, EQUALS -> pace(playing.pace().lasting(0.8));
            case MINUS, SUBTRACT -> pace(playing.pace().lasting(1.25));
            case ESCAPE, F11 -> away();
            default -> false;
        };
    }

    /** Asks what comes next, from the posture one is at. */
    private boolean ask() {
        playing.stop();
        if (run.size() < 2 || counts.isEmpty()) {
            return tell(Words.of("hall.quiz_needs_form"));
        }
        quiz.begin(run, counts.get(playing.at()).done());
        return true;
    }

    /** The score is told, and kept. */
    private void score(Quizzing over) {
        asked.accept(over);
        playing.stand();
        tell(over.asked() == 0 ? "" : Words.of("hall.score", over.known(), over.asked()));
    }

    private boolean go(int by) {
        playing.go(by);
        return true;
    }

    private boolean play() {
        playing.play();
        return true;
    }

    private boolean pace(HallTempo changed) {
        playing.pace(changed);
        return tell(told);
    }

    private boolean countIn() {
        return tell(
                playing.countIn() ? Words.of("hall.counts_in", HallPlaying.COUNT_IN) : Words.of("hall.no_count_in"));
    }

    /** What comes next? The words are hidden until one steps on. */
    private boolean hide() {
        boolean hidden = screen.hide();
        playing.again();
        return tell(hidden ? Words.of("hall.words_hidden_comes") : Words.of("hall.words_shown"));
    }

    private boolean loop() {
        return tell(playing.loop() ? Words.of("hall.posture_over_over") : Words.of("hall.through_form"));
    }

    private boolean away() {
        playing.close();
        leave.run();
        return true;
    }

    private boolean tell(String what) {
        told = what;
        screen.tell((told.isEmpty() ? "" : told + "   ·   ") + playing.pace().words() + " · " + Words.of("hall.keys"));
        return true;
    }
}
