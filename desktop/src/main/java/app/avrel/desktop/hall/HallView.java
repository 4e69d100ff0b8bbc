package app.avrel.desktop.hall;

import app.avrel.body.Body;
import app.avrel.desktop.figure.FigureView;
import app.avrel.desktop.figure.Player;
import app.avrel.desktop.figure.Reach;
import app.avrel.desktop.figure.Viewpoint;
import app.avrel.desktop.parts.Click;
import app.avrel.desktop.parts.Texts;
import app.avrel.desktop.session.Session;
import app.avrel.desktop.stagefloor.FloorPicture;
import app.avrel.desktop.stagefloor.FloorView;
import app.avrel.desktop.words.Words;
import app.avrel.floor.Directions;
import app.avrel.form.Moment;
import app.avrel.form.Occurrence;
import app.avrel.form.Playing;
import app.avrel.lesson.log.Quizzing;
import app.avrel.mechanics.Rig;
import app.avrel.motion.Pose;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.jspecify.annotations.Nullable;

/**
 * What stands on the chair in the hall: posture, count, words, figure and floor over the whole screen.
 *
 * <p>Page keys and arrows step, space plays, plus and minus change the tempo, B goes by the breath, C counts in; V speaks, H
 * hides the words until the next step, L plays one posture over and over, Q asks what comes next; Escape leaves.
 */
public final class HallView extends BorderPane implements Player.Shown {

    /** Seconds before a count at which its words are said. */
    private static final double LEAD = 1.5;

    /** Beats that are counted before one begins to move. */
    private static final int COUNT_IN = 4;

    private final List<HallCount> counts;
    private final Body body;
    private final Directions directions;
    private final List<Occurrence> run;
    private final Runnable leave;
    private final Consumer<Quizzing> asked;
    private final Label posture = Texts.of("", "hall-posture");
    private final Label number = Texts.of("", "hall-number");
    private final Label words = Texts.wrapped("", "hall-words");
    private final Label guide = Texts.wrapped("", "hall-guide");
    private final Label tempo = Texts.wrapped("", "hall-tempo");
    private final FigureView figure = new FigureView();
    private final FloorView floor = new FloorView();
    private final BeatView beat = new BeatView();
    private final Player player = new Player(this);
    private final Label next = Texts.wrapped("", "hall-next");
    private final Click click = new Click(Click.BEAT);
    private final HallVoice voice;
    private boolean hidden;
    private boolean loops;
    private boolean countsIn;
    private Optional<Quizzing> quiz = Optional.empty();
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
    public HallView(List<Occurrence> run, Session.Desk desk, int from, Runnable leave, Consumer<Quizzing> asked) {
        this.run = run;
        this.asked = asked;
        this.voice = new HallVoice(desk.project().setting().sounds());
        this.counts = HallCounts.of(run, desk);
        this.lengths = pace.seconds(counts);
        this.body = desk.project().setting().chosenBody();
        this.directions = desk.project().directions();
        this.leave = leave;
        this.at = Math.clamp(from, 0, Math.max(0, counts.size() - 1));
        getStyleClass().add("hall");
        setFocusTraversable(true);
        layOut();
        addEventFilter(KeyEvent.KEY_PRESSED, this::key);
        figure.look(Viewpoint.BACK.moved(-25, 2));
        stand();
        tell();
    }

    private void layOut() {
        beat.setMinSize(90, 90);
        beat.setMaxSize(90, 90);
        VBox names = new VBox(posture, number);
        HBox.setHgrow(names, Priority.ALWAYS);
        HBox top = new HBox(names, beat);
        top.setAlignment(Pos.CENTER_LEFT);
        HBox.setHgrow(figure, Priority.ALWAYS);
        HBox.setHgrow(floor, Priority.ALWAYS);
        figure.setPrefWidth(10);
        floor.setPrefWidth(10);
        HBox middle = new HBox(figure, floor);
        middle.getStyleClass().add("posture-stage");
        VBox low = new VBox(words, next, guide, tempo);
        low.getStyleClass().add("hall-low");
        setTop(top);
        setCenter(middle);
        setBottom(low);
    }

    private void key(KeyEvent event) {
        boolean known = quiz.isPresent() ? answer(event.getCode()) : drive(event.getCode());
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
        quiz = Optional.of(Quizzing.from(run, run.indexOf(counts.get(at).done())));
        return question();
    }

    /** A remote's keys answer too: space or onward shows, then onward is known and back is not. */
    private boolean answer(KeyCode key) {
        Quizzing now = quiz.orElseThrow();
        boolean onward = key == KeyCode.PAGE_DOWN || key == KeyCode.RIGHT || key == KeyCode.DOWN;
        boolean back = key == KeyCode.PAGE_UP || key == KeyCode.LEFT || key == KeyCode.UP;
        if (key == KeyCode.ESCAPE || key == KeyCode.Q || key == KeyCode.F11) {
            return endQuiz(now);
        }
        if (!now.shown() && (onward || key == KeyCode.SPACE)) {
            quiz = Optional.of(now.show());
            return question();
        }
        if (now.shown() && (onward || back)) {
            Quizzing next = now.answer(onward);
            quiz = Optional.of(next);
            return next.over() ? endQuiz(next) : question();
        }
        return onward || back || key == KeyCode.SPACE;
    }

    private boolean question() {
        Quizzing now = quiz.orElseThrow();
        Occurrence seen = now.shown() ? now.next().orElseThrow() : now.run().get(now.at());
        at = lastOf(seen);
        stand();
        number.setText(Words.of("hall.known_of", now.known(), now.asked()));
        words.setText(now.shown() ? firstOf(seen).words() : Words.of("hall.what_comes"));
        next.setText(Words.of(now.shown() ? "hall.knew_or_not" : "hall.show_it"));
        guide.setText("");
        tempo.setText("");
        return true;
    }

    /** The score is told, and kept. */
    private boolean endQuiz(Quizzing over) {
        quiz = Optional.empty();
        asked.accept(over);
        stand();
        return tell(over.asked() == 0 ? "" : Words.of("hall.score", over.known(), over.asked()));
    }

    private HallCount firstOf(Occurrence done) {
        return counts.stream()
                .filter(count -> count.done().equals(done))
                .findFirst()
                .orElseThrow();
    }

    private int lastOf(Occurrence done) {
        int last = 0;
        for (int i = 0; i < counts.size(); i++) {
            last = counts.get(i).done().equals(done) ? i : last;
        }
        return last;
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
            pictures(counts.get(from));
            player.play(from, countsIn ? COUNT_IN * pace.secondsABeat() : 0);
        }
        return true;
    }

    private boolean pace(HallTempo changed) {
        pace = changed;
        lengths = pace.seconds(counts);
        tell();
        return true;
    }

    private boolean countIn() {
        countsIn = !countsIn;
        return tell(countsIn ? Words.of("hall.counts_in", COUNT_IN) : Words.of("hall.no_count_in"));
    }

    /** Beats before the first count: their number is seen, and each is heard. */
    @Override
    public void before(double seconds) {
        int beatsLeft = (int) Math.ceil(seconds / pace.secondsABeat() - 1e-9);
        int now = -beatsLeft;
        if (now != lastBeat) {
            lastBeat = now;
            click.play();
            number.setText(Words.of("hall.begins_in", beatsLeft));
        }
        beat.show(1 - seconds / pace.secondsABeat() / COUNT_IN, COUNT_IN);
    }

    private boolean tell(String what) {
        told = what;
        tell();
        return true;
    }

    /** What comes next? The words are hidden until one steps on. */
    private boolean hide() {
        hidden = !hidden;
        text(counts.isEmpty() ? null : counts.get(at));
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

    private void tell() {
        tempo.setText((told.isEmpty() ? "" : told + "   ·   ") + pace.words() + " · " + Words.of("hall.keys"));
    }

    /** Shows the end of the count that one is at. */
    private void stand() {
        if (counts.isEmpty()) {
            words.setText(Words.of("hall.there_no_count"));
            return;
        }
        text(counts.get(at));
        beat.show(0, 1);
        Moment last = counts.get(at).moments().getLast();
        pictures(counts.get(at).moments().getFirst().before(), last.after(), Rig.of(last.after(), body));
    }

    /** Shows where a count begins. */
    private void pictures(HallCount count) {
        Pose begins = count.moments().getFirst().before();
        text(count);
        pictures(begins, begins, Rig.of(begins, body));
    }

    private void text(@Nullable HallCount count) {
        if (count == null) {
            return;
        }
        int following = counts.indexOf(count) + 1;
        next.setText(
                following < counts.size() && !hidden
                        ? Words.of("hall.then", counts.get(following).words())
                        : "");
        Texts.set(posture, count.posture());
        number.setText(Words.of("hall.count", count.number()));
        words.setText(hidden ? "…" : count.words());
        guide.setText(hidden ? "" : count.guide());
    }

    private void pictures(Pose before, Pose now, Rig rig) {
        floor.show(new FloorPicture(before, now, List.of(before, now), body, directions, true), words.getText());
        figure.show(new FigureView.Picture(rig, body, directions, Reach.within(0.75, body.stature()), words.getText()));
    }

    @Override
    public void at(int count, double share) {
        if (count != at) {
            if (loops && !counts.get(count).posture().equals(counts.get(at).posture())) {
                player.play(firstOf(at), 0);
                return;
            }
            at = count;
            lastBeat = -1;
        }
        speakAhead(count, share);
        HallCount shown = counts.get(count);
        text(shown);
        int beats = (int) Math.ceil(shown.moments().getFirst().count().beats());
        int now = (int) (share * beats);
        if (now != lastBeat) {
            lastBeat = now;
            click.play();
        }
        beat.show(share, beats);
        Playing playing = new Playing(shown.moments(), body);
        Moment last = shown.moments().getLast();
        Pose before = shown.moments().getFirst().before();
        floor.show(
                new FloorPicture(before, playing.pose(share), List.of(before, last.after()), body, directions, true),
                shown.words());
        figure.show(new FigureView.Picture(
                playing.at(share), body, directions, Reach.within(0.75, body.stature()), shown.words()));
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
