package app.avrel.desktop.postures;

import app.avrel.desktop.parts.ChoiceField;
import app.avrel.desktop.parts.FieldGrid;
import app.avrel.desktop.parts.Sheet;
import app.avrel.desktop.parts.Texts;
import app.avrel.desktop.words.Words;
import app.avrel.floor.Bearing;
import app.avrel.words.PoseAngles;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Collectors;
import javafx.scene.control.Label;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** The angle between any two directions of a pose: hands, feet, a kick, hips, chest and eyes. */
final class AnglesSheet {

    private final Map<String, Bearing> directions;
    private final List<String> names;
    private final FieldGrid grid = new FieldGrid();
    private final ChoiceField from = grid.choice(Words.of("common.from"));
    private final ChoiceField to = grid.choice(Words.of("common.to"));
    private final Label angle = Texts.wrapped("", "angle-words");
    private final Label all = Texts.wrapped("", "fit-words");
    private int chosenFrom = 1;
    private int chosenTo = 2;

    private AnglesSheet(Map<String, Bearing> directions) {
        this.directions = directions;
        this.names = List.copyOf(directions.keySet());
    }

    /** Lays the sheet over the window. */
    static void open(Map<String, Bearing> directions, StackPane over) {
        AnglesSheet sheet = new AnglesSheet(directions);
        VBox content = new VBox(
                Texts.wrapped(Words.of("postures.where_everything_points"), "sheet-text"),
                sheet.grid,
                sheet.angle,
                Texts.of(Words.of("postures.against_first_two"), "section"),
                sheet.all);
        content.getStyleClass().add("beside-sheet");
        sheet.show();
        Sheet.show(
                over,
                Words.of("postures.angle_between_two"),
                content,
                List.of(new Sheet.Answer(Words.of("common.close"), () -> {})));
    }

    private void show() {
        from.show(names, chosenFrom, at -> {
            chosenFrom = at;
            show();
        });
        to.show(names, chosenTo, at -> {
            chosenTo = at;
            show();
        });
        String first = names.get(chosenFrom);
        String second = names.get(chosenTo);
        angle.setText(Words.of("postures.from", first, second, between(first, second)));
        all.setText(names.stream()
                .filter(name -> !name.equals(first))
                .map(name -> name + ": " + between(first, name))
                .collect(Collectors.joining("\n")));
    }

    private String between(String one, String other) {
        return PoseAngles.between(
                Objects.requireNonNull(directions.get(one)), Objects.requireNonNull(directions.get(other)));
    }
}
