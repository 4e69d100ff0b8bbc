package app.avrel.desktop.hall;

import app.avrel.body.Body;
import app.avrel.desktop.figure.FigureView;
import app.avrel.desktop.figure.Reach;
import app.avrel.desktop.figure.Viewpoint;
import app.avrel.desktop.parts.Texts;
import app.avrel.desktop.session.Desk;
import app.avrel.desktop.stagefloor.FloorPicture;
import app.avrel.desktop.stagefloor.FloorView;
import app.avrel.desktop.words.Words;
import app.avrel.floor.Directions;
import app.avrel.form.Moment;
import app.avrel.form.Playing;
import app.avrel.mechanics.Rig;
import app.avrel.motion.Pose;
import java.util.List;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** What is seen in the hall: name, number and words, figure and floor, the beat, and below what the keys do. */
final class HallScreen extends BorderPane {

    private final Body body;
    private final Directions directions;
    private final Label posture = Texts.of("", "hall-posture");
    private final Label number = Texts.of("", "hall-number");
    private final Label words = Texts.wrapped("", "hall-words");
    private final Label next = Texts.wrapped("", "hall-next");
    private final Label guide = Texts.wrapped("", "hall-guide");
    private final Label tempo = Texts.wrapped("", "hall-tempo");
    private final FigureView figure = new FigureView();
    private final FloorView floor = new FloorView();
    private final BeatView beat = new BeatView();
    private boolean hidden;

    HallScreen(Desk desk) {
        body = desk.project().setting().chosenBody();
        directions = desk.project().directions();
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
        figure.look(Viewpoint.BACK.moved(-25, 2));
        HBox middle = new HBox(figure, floor);
        middle.getStyleClass().add("posture-stage");
        VBox low = new VBox(words, next, guide, tempo);
        low.getStyleClass().add("hall-low");
        setTop(top);
        setCenter(middle);
        setBottom(low);
    }

    /** Hides the words, or shows them again. {@return whether they are hidden now} */
    boolean hide() {
        hidden = !hidden;
        return hidden;
    }

    void nothing() {
        words.setText(Words.of("hall.there_no_count"));
    }

    void tell(String what) {
        tempo.setText(what);
    }

    /**
     * Says which count it is.
     *
     * @param then the words of the count after it; blank after the last one
     */
    void text(HallCount count, String then) {
        next.setText(then.isBlank() || hidden ? "" : Words.of("hall.then", then));
        Texts.set(posture, count.posture());
        number.setText(Words.of("hall.count", count.number()));
        words.setText(hidden ? "…" : count.words());
        guide.setText(hidden ? "" : count.guide());
    }

    /** Asks in large letters, or answers. */
    void ask(String score, String question, String keys) {
        number.setText(score);
        words.setText(question);
        next.setText(keys);
        guide.setText("");
        tempo.setText("");
    }

    /** Shows how one stands at the end of a count. */
    void end(HallCount count) {
        beat.show(0, 1);
        Moment last = count.moments().getLast();
        still(count.moments().getFirst().before(), last.after());
    }

    /** Shows how one stands before a count. */
    void begin(HallCount count) {
        Pose begins = count.moments().getFirst().before();
        still(begins, begins);
    }

    private void still(Pose before, Pose now) {
        floor.show(new FloorPicture(before, now, List.of(before, now), body, directions, true), words.getText());
        figure(Rig.of(now, body), words.getText());
    }

    /** Shows a count when some share of it is over, 0 to 1. */
    void playing(HallCount count, double share, int beats) {
        beat.show(share, beats);
        Playing playing = new Playing(count.moments(), body);
        Pose before = count.moments().getFirst().before();
        Pose after = count.moments().getLast().after();
        floor.show(
                new FloorPicture(before, playing.pose(share), List.of(before, after), body, directions, true),
                count.words());
        figure(playing.at(share), count.words());
    }

    private void figure(Rig rig, String says) {
        figure.show(new FigureView.Picture(rig, body, directions, Reach.within(0.75, body.stature()), says));
    }

    /** Shows that one begins to move in so many beats. */
    void countIn(int beatsLeft) {
        number.setText(Words.of("hall.begins_in", beatsLeft));
    }

    void beat(double share, int beats) {
        beat.show(share, beats);
    }
}
