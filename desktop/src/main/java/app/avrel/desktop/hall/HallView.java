package app.avrel.desktop.hall;

import app.avrel.desktop.figure.Player;
import app.avrel.desktop.parts.Click;
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
public final class HallView extends StackPane implements Player.Shown {

    /** Seconds before a count at which its words are said. */
    private static final double LEAD = 1.5;

    /** Beats that are counted before one begins to move. */
    private static final int COUNT_IN = 4;

    private final List<HallCount> counts;
    private final List<Occurrence> run;
    private final Runnable leave;
    private final Consumer<Quizzing> asked;
    private final HallScreen screen;
    private final HallQuiz quiz;
    private final Player player = new Player(this);
    private final Click click = new Click(Click.BEAT);
    private final HallVoice voice;
    private boolean loops;
    private boolean countsIn;
    private String told = "";
    private int spoken = -1;
    private HallTempo pace = HallTempo.USUAL;
    private List<Double> lengths;
    private int at;
    private int lastBeat = -1;

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
        lengths = pace.seconds(counts);
        at = Math.clamp(from, 0, Math.max(0, counts.size() - 1));
        screen = new HallScreen(desk);
        quiz = new HallQuiz(counts, screen, this::standAt, this::score);
        getStyleClass().add("hall");
        setFocusTraversable(true);
        getChildren().add(screen);
        addEventFilter(KeyEvent.KEY_PRESSED, this::key);
        stand();
        tell("");
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
            case B -> pace(pace.otherWay());
            case C -> countIn();
            case Q -> ask();
            case PLUS, ADD, EQUALS -> pace(pace.lasting(0.8));
            case MINUS, SUBTRACT -> pace(pace.lasting(1.25));
            case ESCAPE, F11 -> away();
            default -> false;
        };
    }

    /** Asks what comes next, from the posture one is at. */
    private boolean ask() {
        player.stop();
        if (run.size() < 2 || counts.isEmpty()) {
            return tell(Words.of("hall.quiz_needs_form"));
        }
        quiz.begin(run, counts.get(at).done());
        return true;
    }

    private void standAt(HallCount count) {
        at = counts.indexOf(count);
        stand();
    }

    /** The score is told, and kept. */
    private void score(Quizzing over) {
        asked.accept(over);
        stand();
        tell(over.asked() == 0 ? "" : Words.of("hall.score", over.known(), over.asked()));
    }

    private boolean go(int by) {
        player.stop();
        at = Math.clamp(at + by, 0, Math.max(0, counts.size() - 1));
        stand();
        return true;
    }

    private boolean play() {
        if (player.running()) {
            player.stop();
        } else if (!counts.isEmpty()) {
            int from = at == counts.size() - 1 ? 0 : at;
            text(from);
            screen.begin(counts.get(from));
            player.play(from, countsIn ? COUNT_IN * pace.secondsABeat() : 0);
        }
        return true;
    }

    private boolean pace(HallTempo changed) {
        pace = changed;
        lengths = pace.seconds(counts);
        return tell(told);
    }

    private boolean countIn() {
        countsIn = !countsIn;
        return tell(countsIn ? Words.of("hall.counts_in", COUNT_IN) : Words.of("hall.no_count_in"));
    }

    /** What comes next? The words are hidden until one steps on. */
    private boolean hide() {
        boolean hidden = screen.hide();
        if (!counts.isEmpty()) {
            text(at);
        }
        return tell(hidden ? Words.of("hall.words_hidden_comes") : Words.of("hall.words_shown"));
    }

    private boolean loop() {
        loops = !loops;
        return tell(loops ? Words.of("hall.posture_over_over") : Words.of("hall.through_form"));
    }

    private boolean away() {
        player.stop();
        click.close();
        voice.close();
        leave.run();
        return true;
    }

    private boolean tell(String what) {
        told = what;
        screen.tell((told.isEmpty() ? "" : told + "   ·   ") + pace.words() + " · " + Words.of("hall.keys"));
        return true;
    }

    /** Shows the end of the count that one is at. */
    private void stand() {
        if (counts.isEmpty()) {
            screen.nothing();
            return;
        }
        text(at);
        screen.end(counts.get(at));
    }

    private void text(int count) {
        screen.text(
                counts.get(count),
                count + 1 < counts.size() ? counts.get(count + 1).words() : "");
    }

    /** Beats before the first count: their number is seen, and each is heard. */
    @Override
    public void before(double seconds) {
        int beatsLeft = (int) Math.ceil(seconds / pace.secondsABeat() - 1e-9);
        if (tick(-beatsLeft)) {
            screen.countIn(beatsLeft);
        }
        screen.beat(1 - seconds / pace.secondsABeat() / COUNT_IN, COUNT_IN);
    }

    /** {@return whether another beat begins; it is heard} */
    private boolean tick(int beat) {
        boolean begins = beat != lastBeat;
        if (begins) {
            lastBeat = beat;
            click.play();
        }
        return begins;
    }

    @Override
    public void at(int count, double share) {
        if (count != at) {
            if (loops && !counts.get(count).posture().equals(counts.get(at).posture())) {
                player.play(firstOf(at));
                return;
            }
            at = count;
            lastBeat = -1;
        }
        speakAhead(count, share);
        text(count);
        HallCount shown = counts.get(count);
        int beats = (int) Math.ceil(shown.moments().getFirst().count().beats());
        tick((int) (share * beats));
        screen.playing(shown, share, beats);
    }

    private int firstOf(int count) {
        int first = count;
        while (first > 0
                && counts.get(first - 1).posture().equals(counts.get(count).posture())) {
            first--;
        }
        return first;
    }

    /** The words of the next count are said before it begins; those of the first at once. */
    private void speakAhead(int count, double share) {
        int due = seconds(count) * (1 - share) <= LEAD ? count + 1 : count;
        if (due > spoken && due < counts.size() || due < spoken - 1) {
            spoken = due;
            voice.say(counts.get(due).words());
        }
    }

    @Override
    public double seconds(int count) {
        return lengths.get(count);
    }

    @Override
    public int counts() {
        return counts.size();
    }

    @Override
    public void ended() {
        lastBeat = -1;
        stand();
    }
}
