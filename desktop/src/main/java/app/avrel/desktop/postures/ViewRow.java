package app.avrel.desktop.postures;

import app.avrel.desktop.figure.FigureView;
import app.avrel.desktop.figure.Viewpoint;
import app.avrel.desktop.parts.Pills;
import app.avrel.desktop.parts.Tips;
import app.avrel.desktop.words.Words;
import java.util.List;
import java.util.stream.IntStream;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.HBox;

/** The row under the figure: play, from where one looks, mirror, and the ways of hands and feet. */
final class ViewRow extends HBox {

    private static final List<Viewpoint> PLACES =
            List.of(Viewpoint.FRONT, Viewpoint.BACK, Viewpoint.LEFT, Viewpoint.RIGHT, Viewpoint.ABOVE);

    private final FigureView figure;
    private final Pills places = new Pills();
    private final ToggleButton play;
    private final ToggleButton mirror;
    private final ToggleButton ways;

    /**
     * The row of a figure.
     *
     * @param playing plays or stops
     * @param traced shows the ways of hands and feet, or no longer
     */
    ViewRow(FigureView figure, Runnable playing, Runnable traced) {
        this.figure = figure;
        getStyleClass().add("view-row");
        play = pill("▶", Words.of("postures.play_posture_or_stop"), playing);
        for (int i = 0; i < PLACES.size(); i++) {
            Viewpoint place = PLACES.get(i);
            places.with(
                    names().get(i),
                    Words.of("postures.look_from_alt", names().get(i), i + 1),
                    () -> figure.look(figure.view().at(place)));
        }
        mirror = pill(
                Words.of("postures.mirror"),
                Words.of("postures.as_mirror_alt"),
                () -> figure.look(figure.view().mirror()));
        ways = pill(Words.of("postures.ways"), Words.of("postures.ways_palms"), traced);
        places.and(mirror).and(ways);
        places.getChildren().addFirst(play);
        getChildren().add(places);
        setHgrow(places, javafx.scene.layout.Priority.ALWAYS);
        figure.onLook(this::show);
        show();
    }

    private static ToggleButton pill(String words, String says, Runnable action) {
        ToggleButton button = new ToggleButton(words);
        button.getStyleClass().setAll("pill");
        button.setMinWidth(USE_PREF_SIZE);
        Tips.give(button, says);
        button.setOnAction(_ -> action.run());
        return button;
    }

    private void show() {
        Viewpoint now = figure.view();
        places.down(IntStream.range(0, PLACES.size())
                .filter(i -> now.equals(now.at(PLACES.get(i))))
                .findFirst()
                .orElse(-1));
        mirror.setSelected(now.mirrored());
    }

    /** Shows what is on. */
    void show(boolean playing, boolean traced) {
        play.setSelected(playing);
        play.setText(playing ? "■" : "▶");
        ways.setSelected(traced);
    }

    private static List<String> names() {
        return List.of(
                Words.of("common.front"),
                Words.of("common.behind"),
                Words.of("common.left"),
                Words.of("common.right"),
                Words.of("postures.above_2"));
    }
}
