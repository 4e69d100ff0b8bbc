package app.avrel.desktop.settings;

import app.avrel.body.Body;
import app.avrel.desktop.parts.Buttons;
import app.avrel.desktop.parts.ChoiceField;
import app.avrel.desktop.parts.Compass;
import app.avrel.desktop.parts.EntryField;
import app.avrel.desktop.parts.FieldGrid;
import app.avrel.desktop.parts.Pills;
import app.avrel.desktop.parts.Sheet;
import app.avrel.desktop.session.Desk;
import app.avrel.desktop.session.Session;
import app.avrel.desktop.words.Words;
import app.avrel.floor.Numbers;
import app.avrel.project.Edit;
import app.avrel.project.Project;
import app.avrel.project.Setting;
import app.avrel.words.lexicon.TaughtWord;
import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;
import javafx.beans.value.ChangeListener;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** The project's frame: directions, bodies, house rules. Every change is made at once and can be undone. */
public final class SettingsSheet {

    private final Session session;

    private final Pills tabs = new Pills();
    private final VBox content = new VBox();
    private final List<FieldGrid> grids =
            tabs().stream().map(_ -> new FieldGrid()).toList();
    private final EntryField name;
    private final ChoiceField front;
    private final ChoiceField words;
    private final VBox bodies = new VBox();
    private final VBox taught = new VBox();
    private List<TaughtWord> shownTaught = List.of();
    private final SoundRows sounds;
    private final RulesFields rules;

    private SettingsSheet(Session session, StackPane over) {
        this.session = session;
        FieldGrid project = grids.get(0);
        name = project.line(Words.of("common.name"), Words.of("settings.hall_or_school"));
        front = project.choice(Words.of("settings.form_starts_facing"));
        words = project.choice(Words.of("settings.name_directions_by"));
        grids.get(1).wide(bodies);
        grids.get(1)
                .wide(Buttons.words(Words.of("settings.add_body"), Words.of("settings.add_body_170"), this::addBody));
        grids.get(2).wide(taught);
        TaughtRows.show(taught, session.project().setting(), this::change);
        sounds = new SoundRows(grids.get(2), this::change);
        rules = new RulesFields(session, over, grids.get(3), grids.get(4), this::change);
        tabs.of(tabs(), Words.of("common.settings"), this::tab);
        content.getStyleClass().add("settings");
        tab(0);
    }

    private void tab(int at) {
        tabs.down(at);
        content.getChildren().setAll(tabs, grids.get(at));
    }

    /** Opens the sheet over a pane. */
    public static void open(Session session, StackPane over) {
        SettingsSheet settings = new SettingsSheet(session, over);
        ChangeListener<Desk> listener = (_, _, desk) -> settings.show(desk.project());
        session.desk().addListener(listener);
        Sheet sheet = Sheet.show(
                over,
                Words.of("common.settings"),
                settings.content,
                List.of(new Sheet.Answer(Words.of("common.done"), () -> {})));
        settings.show(session.project());
        sheet.parentProperty().addListener((_, _, parent) -> {
            if (parent == null) {
                session.desk().removeListener(listener);
            }
        });
    }

    private void show(Project project) {
        Setting setting = project.setting();
        frame(project, setting);
        BodyRows.show(bodies, setting, this::change);
        if (!shownTaught.equals(setting.taught()) && !phrases(shownTaught).equals(phrases(setting.taught()))) {
            TaughtRows.show(taught, setting, this::change);
        }
        shownTaught = setting.taught();
        sounds.show(setting);
        rules.show(setting);
    }

    private void frame(Project project, Setting setting) {
        name.show(project.name(), text -> {
            session.apply(
                    Edit.running(Words.of("settings.rename_project"), "name", whole -> whole.withName(text.strip())));
            return true;
        });
        front.show(
                Compass.bearings(),
                Compass.bearing(setting.startFaces()),
                at -> change(Words.of("common.front"), whole -> whole.withStartFaces(Compass.bearing(at))));
        words.show(
                FrameChoices.words(),
                setting.words().ordinal(),
                at -> change("words", whole -> whole.withWords(FrameChoices.words(at))));
    }

    private static List<String> phrases(List<TaughtWord> words) {
        return words.stream().map(TaughtWord::phrase).toList();
    }

    private void addBody() {
        change("bodies", whole -> {
            List<Body> all = new ArrayList<>(whole.bodies());
            all.add(Body.ofStature(1.70));
            return whole.withBodies(all, whole.body());
        });
    }

    private boolean change(String field, UnaryOperator<Setting> edit) {
        session.apply(Edit.running(
                Words.of("settings.change_settings"),
                "setting/" + field,
                project -> project.withSetting(edit.apply(project.setting()))));
        return true;
    }

    /** {@return stature in whole centimetres} */
    static String centimetres(double metres) {
        return Numbers.plain(metres * 100);
    }

    private static List<String> tabs() {
        return List.of(
                Words.of("settings.project"),
                Words.of("settings.bodies"),
                Words.of("settings.own_words"),
                Words.of("common.house_rules"),
                Words.of("settings.one_stance"));
    }
}
