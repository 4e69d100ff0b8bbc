package app.avrel.desktop.postures;

import app.avrel.body.Body;
import app.avrel.body.Side;
import app.avrel.desktop.figure.FigureView;
import app.avrel.desktop.figure.Player;
import app.avrel.desktop.figure.Viewpoint;
import app.avrel.desktop.ribbon.Ribbon;
import app.avrel.desktop.session.Session;
import app.avrel.desktop.stagefloor.FloorPicture;
import app.avrel.desktop.stagefloor.FloorView;
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
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;

/** Floor and figure side by side; they stand at a count, or run through the counts with the ribbon's playhead. */
final class PostureStage extends HBox implements Player.Shown {

    private static final double SECONDS_A_BEAT = 2.5;
    private static final double ROOM = 0.2;
    private static final double LEVEL_ENOUGH = 40;

    private final FloorView floor = new FloorView();
    private final FigureView figure = new FigureView();
    private final Ribbon ribbon;
    private final Player player = new Player(this);
    private final Runnable ended;
    private List<List<Moment>> counts = List.of();
    private List<Pose> all = List.of();
    private double around;
    private Body body = Body.ofStature(1.7);
    private Directions directions = Directions.CLOCK;

    PostureStage(Ribbon ribbon, Runnable ended) {
        this.ribbon = ribbon;
        this.ended = ended;
        getStyleClass().add("posture-stage");
        HBox.setHgrow(floor, Priority.ALWAYS);
        HBox.setHgrow(figure, Priority.ALWAYS);
        floor.setPrefWidth(10);
        figure.setPrefWidth(8);
        getChildren().addAll(floor, figure);
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
    void show(Session.Desk desk, Occurrence done, Pose before, Pose after, String state) {
        body = desk.project().setting().chosenBody();
        directions = desk.project().setting().directions();
        List<Moment> drawn = done.inHall();
        counts = Moment.byCount(drawn);
        all = Stream.concat(Stream.of(done.start().drawn()), drawn.stream().map(Moment::after))
                .toList();
        around = all.stream().mapToDouble(this::around).max().orElse(0);
        if (!player.running()) {
            floor.show(new FloorPicture(before, after, all, body, directions), state);
            figure.show(new FigureView.Picture(Rig.of(after, body), body, directions, around, state));
        }
    }

    /** Shows on floor and figure what a finding is about, or nothing. */
    void mark(Optional<Finding> finding, Session.Desk desk, Posture posture, Pose after) {
        figure.mark(finding.flatMap(Finding::spot));
        floor.mark(
                finding,
                desk.project().setting().rules().with(posture.ownRules()).in(Naming.of(after, body)));
    }

    /** {@return what cannot be seen from where one looks, in words; empty where all is seen} */
    String hidden(Session.Desk desk, Pose pose) {
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
        return parts.isEmpty() ? "" : "Not seen " + view.words() + ": the " + String.join(", the ", parts) + ".";
    }

    /** How far feet are from the pelvis, with room for a hand. */
    private double around(Pose pose) {
        Rig rig = Rig.of(pose, body);
        return Stream.of(Side.values())
                        .mapToDouble(side -> rig.foot(side).ankle().floor().distance(rig.pelvis()))
                        .max()
                        .orElse(0)
                + ROOM;
    }

    @Override
    public void at(int count, double share) {
        Playing playing = new Playing(counts.get(count), body);
        Pose pose = playing.pose(share);
        Pose before = counts.get(count).getFirst().before();
        floor.show(new FloorPicture(before, pose, all, body, directions), "playing");
        figure.show(new FigureView.Picture(playing.at(share), body, directions, around, "playing"));
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
