package app.avrel.desktop.postures;

import app.avrel.desktop.figure.Viewpoint;
import app.avrel.desktop.parts.Texts;
import app.avrel.desktop.parts.Tips;
import app.avrel.desktop.session.Desk;
import app.avrel.desktop.words.Words;
import app.avrel.floor.Heading;
import app.avrel.form.Moment;
import app.avrel.form.Occurrence;
import app.avrel.motion.Pose;
import app.avrel.posture.Posture;
import app.avrel.rules.Finding;
import app.avrel.rules.Where;
import app.avrel.words.ForViewer;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javafx.scene.control.Label;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** The middle of the room: the posture's names, how one stands in the chosen count, in words and in pictures. */
final class PostureMiddle extends VBox {

    /** In heights of the text. */
    private static final double ROOM_FOR_FIGURES = 24;

    private static final double ROOM_FOR_ROWS = 18;

    private final NameLine names = new NameLine();
    private final Label state = Texts.wrapped("", "room-state");
    private final Label figures = Texts.of("", "room-figures");
    private final Label asSeen = Texts.of("", "room-figures");
    private final PostureStage stage;

    PostureMiddle(PostureStage stage) {
        this.stage = stage;
        setVgrow(stage, Priority.ALWAYS);
        List.of(figures, asSeen).forEach(Tips::whole);
        getChildren().addAll(names, state, stage, figures, asSeen);
        getStyleClass().add("room-middle");
        heightProperty().addListener((_, _, height) -> fold(height.doubleValue()));
    }

    void show(Desk desk, Posture posture, Occurrence done, int count) {
        names.show(posture);
        int until = looked(desk, posture, count).flatMap(Finding::stage).orElse(Integer.MAX_VALUE);
        List<Moment> moments = done.inHall().stream()
                .filter(moment ->
                        moment.place().count() == count && moment.place().stage() <= until)
                .toList();
        Pose before =
                moments.isEmpty() ? done.start().drawn() : moments.getFirst().before();
        Pose after =
                moments.isEmpty() ? done.start().drawn() : moments.getLast().after();
        PostureHeading heading =
                new PostureHeading(desk.project().setting(), desk.project().directions());
        String staged = desk.staging().equals(Heading.FRONT)
                ? ""
                : Words.of("postures.starts_facing", desk.project().directions().say(desk.staging()));
        state.setText(heading.state(posture, count, after) + staged);
        Viewpoint view = stage.figure().view();
        String seen = new ForViewer(view.from()).say(before, after);
        String hidden = stage.hidden(desk, after);
        figures.setText(said(" · ", heading.figures(after), heading.sideways(after)));
        asSeen.setText(said(" ", seen, hidden));
        stage.show(desk, done, before, after, heading.state(posture, count, after));
        stage.mark(looked(desk, posture, count), desk, posture, after);
    }

    /** Where there is little height, the pictures have it: the figures below them give way, then the rows of buttons. */
    private void fold(double height) {
        boolean room = height > ROOM_FOR_FIGURES * figures.getFont().getSize();
        List.of(figures, asSeen).forEach(line -> {
            line.setVisible(room);
            line.setManaged(room);
        });
        boolean rows = height > ROOM_FOR_ROWS * figures.getFont().getSize();
        stage.rows(rows);
        names.brief(!rows);
    }

    private static String said(String between, String... parts) {
        return Stream.of(parts).filter(words -> !words.isEmpty()).collect(Collectors.joining(between));
    }

    /** The selected finding, where it is found in this count: the picture then stands at the stage it is about. */
    private static Optional<Finding> looked(Desk desk, Posture posture, int count) {
        return desk.selected()
                .filter(finding -> finding.where() instanceof Where.InPosture(var id, var at)
                        && id.equals(posture.id())
                        && at.orElse(count) == count);
    }
}
