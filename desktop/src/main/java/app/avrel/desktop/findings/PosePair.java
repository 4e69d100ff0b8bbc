package app.avrel.desktop.findings;

import app.avrel.body.Body;
import app.avrel.desktop.figure.FigureView;
import app.avrel.desktop.figure.Reach;
import app.avrel.desktop.parts.Texts;
import app.avrel.desktop.stagefloor.FloorPicture;
import app.avrel.desktop.stagefloor.FloorView;
import app.avrel.mechanics.Rig;
import app.avrel.motion.Pose;
import app.avrel.project.Setting;
import app.avrel.rules.Spot;
import app.avrel.words.PoseFigures;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** Two poses side by side: figure, feet, and the numbers that differ. */
record PosePair(Side wrong, Side right, Setting setting) {

    private static final double ROOM = 0.75;

    /**
     * One of the two.
     *
     * @param before how one stood before the count
     * @param spot a part of the body to be marked
     */
    record Side(String title, String words, Pose before, Pose pose, Optional<Spot> spot) {}

    /** {@return figures and numbers; with the floor where it is wanted} */
    VBox shown(boolean withFloor) {
        HBox figures = new HBox(figure(wrong), figure(right));
        figures.getStyleClass().add("beside");
        VBox content = new VBox(figures);
        if (withFloor) {
            HBox floors = new HBox(floor(wrong), floor(right));
            floors.getStyleClass().add("beside");
            content.getChildren().add(floors);
        }
        content.getChildren().add(numbers());
        content.getStyleClass().add("beside-sheet");
        return content;
    }

    private VBox figure(Side side) {
        Body body = setting.chosenBody();
        FigureView figure = new FigureView();
        figure.setPrefSize(330, 330);
        figure.show(new FigureView.Picture(
                Rig.of(side.pose(), body),
                body,
                setting.directions(),
                Reach.within(ROOM, body.stature()),
                side.title()));
        figure.mark(side.spot());
        VBox box = new VBox(Texts.of(side.title(), "section"), figure, Texts.wrapped(side.words(), "sheet-text"));
        HBox.setHgrow(box, Priority.ALWAYS);
        box.setPrefWidth(340);
        return box;
    }

    private FloorView floor(Side side) {
        FloorView floor = new FloorView();
        floor.setPrefSize(340, 210);
        HBox.setHgrow(floor, Priority.ALWAYS);
        floor.show(
                new FloorPicture(
                        side.before(),
                        side.pose(),
                        List.of(side.before(), wrong.pose(), right.pose()),
                        setting.chosenBody(),
                        setting.directions(),
                        true),
                side.title());
        return floor;
    }

    private GridPane numbers() {
        GridPane grid = new GridPane();
        grid.getStyleClass().add("figures-grid");
        Map<String, String> was = PoseFigures.of(wrong.pose(), setting.chosenBody());
        Map<String, String> is = PoseFigures.of(right.pose(), setting.chosenBody());
        int row = 0;
        for (Map.Entry<String, String> entry : was.entrySet()) {
            String other = is.getOrDefault(entry.getKey(), "");
            if (!entry.getValue().equals(other)) {
                grid.addRow(
                        row++,
                        Texts.of(entry.getKey(), "field-label"),
                        Texts.of(entry.getValue(), "figure-wrong"),
                        Texts.of(other, "figure-right"));
            }
        }
        return grid;
    }
}
