package app.avrel.desktop.settings;

import app.avrel.body.Body;
import app.avrel.desktop.parts.ChoiceField;
import app.avrel.desktop.parts.Compass;
import app.avrel.desktop.parts.EntryField;
import app.avrel.desktop.parts.FieldGrid;
import app.avrel.desktop.parts.Sheet;
import app.avrel.desktop.words.Words;
import app.avrel.floor.DirectionWords;
import app.avrel.floor.Heading;
import app.avrel.house.HouseRules;
import app.avrel.house.RuleWords;
import app.avrel.project.Project;
import app.avrel.project.Setting;
import java.util.List;
import java.util.function.Consumer;
import javafx.scene.layout.StackPane;

/** The questions of a new project: name, front, direction words, body, house rules. */
public final class NewProjectSheet {

    private String name = Words.of("common.my_hall");
    private Heading front = Heading.FRONT;
    private DirectionWords words = DirectionWords.CLOCK;
    private double stature = 1.70;
    private HouseRules rules = HouseRules.LARGE_FRAME;

    private NewProjectSheet() {}

    /** Asks over a pane. */
    public static void ask(StackPane over, Consumer<Project> create) {
        NewProjectSheet answers = new NewProjectSheet();
        Sheet.show(
                over,
                Words.of("common.new_project"),
                answers.fields(),
                List.of(
                        new Sheet.Answer(Words.of("settings.create"), () -> create.accept(answers.project())),
                        new Sheet.Answer(Words.of("common.cancel"), () -> {})));
    }

    private FieldGrid fields() {
        FieldGrid grid = new FieldGrid();
        EntryField called = grid.line(Words.of("common.name"), Words.of("settings.hall_or_school"));
        called.show(name, text -> {
            name = text.isBlank() ? Words.of("common.my_hall") : text.strip();
            return true;
        });
        ChoiceField faces = grid.choice(Words.of("settings.form_starts_facing"));
        faces.show(Compass.bearings(), 0, at -> front = Compass.bearing(at));
        ChoiceField said = grid.choice(Words.of("settings.name_directions_by"));
        said.show(FrameChoices.words(), words.ordinal(), at -> words = FrameChoices.words(at));
        EntryField tall = grid.line(Words.of("settings.your_height_cm"), Words.of("settings.80_250"));
        tall.show(SettingsSheet.centimetres(stature), this::takeStature);
        List<HouseRules> presets = HouseRules.presets();
        ChoiceField house = grid.choice(Words.of("common.house_rules"));
        house.show(presets.stream().map(RuleWords::name).toList(), 0, at -> rules = presets.get(at));
        return grid;
    }

    private boolean takeStature(String text) {
        if (!text.strip().matches("\\d{2,3}")) {
            return false;
        }
        double metres = Integer.parseInt(text.strip()) / 100.0;
        boolean fits = metres >= 0.8 && metres <= 2.5;
        stature = fits ? metres : stature;
        return fits;
    }

    private Project project() {
        return Project.empty(
                name, new Setting(front, words, List.of(Body.ofStature(stature)), 0, rules, List.of(), List.of()));
    }
}
