package app.avrel.desktop.postures;

import app.avrel.body.Body;
import app.avrel.desktop.figure.FigureView;
import app.avrel.desktop.figure.Player;
import app.avrel.desktop.figure.Reach;
import app.avrel.desktop.figure.Trace;
import app.avrel.desktop.figure.Viewpoint;
import app.avrel.desktop.parts.Pills;
import app.avrel.desktop.parts.SideBySide;
import app.avrel.desktop.ribbon.Ribbon;
import app.avrel.desktop.session.Desk;
import app.avrel.desktop.stagefloor.FloorPicture;
import app.avrel.desktop.stagefloor.FloorView;
import app.avrel.desktop.words.Words;
import app.avrel.floor.Bearing;
import app.avrel.floor.Directions;
import app.avrel.floor.Turn;
import app.avrel.form.Moment;
import app.avrel.form.Occurrence;
import app.avrel.form.Playing;
import app.avrel.mechanics.Hidden;
import app.avrel.mechanics.Naming;
import app.avrel.mechanics.Rig;
import app.avrel.mechanics.Skeleton;
import app.avrel.motion.Pose;
import app.avrel.posture.Posture;
import app.avrel.rules.Finding;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import javafx.scene.Node;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** Floor and figure side by side; they stand at a count, or run through the counts with the ribbon's playhead. */
final class PostureStage extends VBox implements Player.Shown {

    private static final double SECONDS_A_BEAT = 2.5;
    private static final double LEVEL_ENOUGH = 40;

    private final FloorView floor = new FloorView();
    private final FigureView figure = new FigureView();
    private final Ribbon ribbon;
    private final Player player = new Player(this);
    private final Runnable ended;
    private List<List<Moment>> counts = List.of();
    private List<Pose> all = List.of();
    private Reach reach = Reach.within(0, 0);
    private boolean wide;
    private boolean traced;
    private List<Pose> shown = List.of();
    private final Pills floorRow = new Pills();
    private final ViewRow viewRow;
    private Body body = Body.ofStature(1.7);
    private Directions directions = Directions.CLOCK;

    PostureStage(Ribbon ribbon, Runnable ended, Runnable play) {
        this.ribbon = ribbon;
        this.ended = ended;
        getStyleClass().add("posture-stage");
        viewRow = new ViewRow(figure, play, this::toggleTraces);
        floorRow.of(
                List.of(Words.of("postures.count_3"), Words.of("postures.whole_posture")),
                Words.of("common.floor_shows"),
                at -> {
                    wide = at == 1;
                    floorRow.down(at);
                    ended.run();
                });
        floorRow.down(0);
        SideBySide both = new SideBySide("posture-stage", column(floor, floorRow), column(figure, viewRow), 0.5);
        VBox.setVgrow(both, Priority.ALWAYS);
        getChildren().add(both);
    }

    private static VBox column(Region picture, Region row) {
        VBox.setVgrow(picture, Priority.ALWAYS);
        picture.setMinHeight(0);
        VBox column = new VBox(picture, row);
        column.getStyleClass().add("stage-column");
        return column;
    }

    /** Shows the rows of buttons, or leaves their room to the pictures: all in them is in menus and has keys. */
    void rows(boolean shown) {
        for (Node row : List.of(floorRow, viewRow)) {
            row.setVisible(shown);
            row.setManaged(shown);
        }
    }

    /** Adds buttons to the row under the floor. */
    void tools(Node... buttons) {
        floorRow.getChildren().addAll(buttons);
    }

    /** Shows the ways of palms and feet through the count, or no longer. */
    void toggleTraces() {
        traced = !traced;
        ended.run();
    }

    FloorView floor() {
        return floor;
    }

    FigureView figure() {
        return figure;
    }

    Player player() {
        return player;
    }

    /** Shows a posture standing at a count. */
    void show(Desk desk, Occurrence done, Pose before, Pose after, String state) {
        body = desk.project().setting().chosenBody();
        directions = desk.project().directions();
        List<Moment> drawn = done.inHall();
        counts = Moment.byCount(drawn);
        all = Stream.concat(Stream.of(done.start().drawn()), drawn.stream().map(Moment::after))
                .toList();
        reach = Reach.of(all.stream().map(pose -> Rig.of(pose, body)), body);
        viewRow.show(player.running(), traced);
        if (!player.running()) {
            shown = wide ? all : List.of(before, after);
            boolean recorded = !desk.shownOnly();
            floor.show(new FloorPicture(before, after, shown, body, directions, recorded), state);
            int count = desk.choice().count();
            List<Trace> traces = traced && count >= 0 && count < counts.size()
                    ? Trace.of(new Playing(counts.get(count), body), body)
                    : List.of();
            figure.show(new FigureView.Picture(Rig.of(after, body), body, directions, reach, traces, recorded, state));
        }
    }

    /** Shows on floor and figure what a finding is about, or nothing. */
    void mark(Optional<Finding> finding, Desk desk, Posture posture, Pose after) {
        figure.mark(finding.flatMap(Finding::spot));
        floor.mark(
                finding,
                desk.project().setting().rules().with(posture.ownRules()).in(Naming.of(after, body)));
    }

    /** {@return what cannot be seen from where one looks, in words; empty where all is seen} */
    String hidden(Desk desk, Pose pose) {
        Viewpoint view = figure.view();
        if (view.height() > LEVEL_ENOUGH) {
            return "";
        }
        Body seen = desk.project().setting().chosenBody();
        List<String> parts = new Hidden(
                        Skeleton.of(Rig.of(pose, seen), seen),
                        Bearing.FRONT.plus(new Turn(view.from().degrees())),
                        seen)
                .parts();
        return parts.isEmpty()
                ? ""
                : Words.of("postures.not_seen", view.words(), String.join(Words.of("postures.the"), parts));
    }

    @Override
    public void at(int count, double share) {
        Playing playing = new Playing(counts.get(count), body);
        Pose pose = playing.pose(share);
        Pose before = counts.get(count).getFirst().before();
        floor.show(new FloorPicture(before, pose, all, body, directions, true), Words.of("postures.playing"));
        figure.show(new FigureView.Picture(playing.at(share), body, directions, reach, Words.of("postures.playing")));
        ribbon.playhead(count + share);
    }

    @Override
    public double seconds(int count) {
        return new Playing(counts.get(count), body).seconds(SECONDS_A_BEAT);
    }

    @Override
    public int counts() {
        return counts.size();
    }

    @Override
    public void ended() {
        ribbon.playhead(-1);
        ended.run();
    }

    /** Shows on the floor what bears the body and how far it is from tipping, or no longer. */
    void toggleBalance() {
        floor.toggleBalance();
    }
}
