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
import app.avrel.mechanics.Rig;
import app.avrel.motion.Pose;
import java.util.List;
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
 * <p>Page keys and arrows step, space plays, plus and minus change the tempo; V speaks, H hides the words until the next
 * step, L plays one posture over and over; Escape leaves.
 */
public final class HallView extends BorderPane implements Player.Shown {

    private static final double SLOWEST = 6;
    private static final double QUICKEST = 0.5;

    /** Seconds before a count at which its words are said. */
    private static final double LEAD = 1.5;

    private final List<HallCount> counts;
    private final Body body;
    private final Directions directions;
    private final Runnable leave;
    private final Label posture = Texts.of("", "hall-posture");
    private final Label number = Texts.of("", "hall-number");
    private final Label words = Texts.wrapped("", "hall-words");
    private final Label guide = Texts.wrapped("", "hall-guide");
    private final Label tempo = Texts.of("", "hall-tempo");
    private final FigureView figure = new FigureView();
    private final FloorView floor = new FloorView();
    private final BeatView beat = new BeatView();
    private final Player player = new Player(this);
    private final Label next = Texts.wrapped("", "hall-next");
    private final Click click = new Click(Click.BEAT);
    private final HallVoice voice = new HallVoice();
    private boolean hidden;
    private boolean loops;
    private String told = "";
    private int spoken = -1;
    private double secondsABeat = 2.5;
    private int at;
    private int lastBeat = -1;

    /** @param from the count with which to begin, from 0 */
    public HallView(List<Occurrence> run, Session.Desk desk, int from, Runnable leave) {
        this.counts = HallCounts.of(run, desk);
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
        boolean known = switch (event.getCode()) {
            case PAGE_DOWN, RIGHT, DOWN -> go(1);
            case PAGE_UP, LEFT, UP -> go(-1);
            case HOME -> go(-counts.size());
            case END -> go(counts.size());
            case SPACE -> play();
            case V -> tell(voice.toggle());
            case H -> hide();
            case L -> loop();
            case PLUS, ADD, EQUALS -> quicker(0.8);
            case MINUS, SUBTRACT -> quicker(1.25);
            case ESCAPE, F11 -> away();
            default -> false;
        };
        if (known || event.getCode() == KeyCode.TAB) {
            event.consume();
        }
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
            player.play(at == counts.size() - 1 ? 0 : at);
        }
        return true;
    }

    private boolean quicker(double times) {
        secondsABeat = Math.clamp(secondsABeat * times, QUICKEST, SLOWEST);
        tell();
        return true;
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
        tempo.setText(Words.of("hall.s_1f_seconds").formatted(told.isEmpty() ? "" : told + "   ·   ", secondsABeat));
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
                player.play(firstOf(at));
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
        return new Playing(counts.get(count).moments(), body).seconds(secondsABeat);
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
