package app.avrel.desktop.shell;

import app.avrel.body.Body;
import app.avrel.desktop.parts.Buttons;
import app.avrel.desktop.parts.Texts;
import app.avrel.desktop.parts.Tips;
import app.avrel.desktop.session.Desk;
import app.avrel.desktop.session.Session;
import app.avrel.desktop.settings.FrameChoices;
import app.avrel.desktop.words.Words;
import app.avrel.floor.DirectionWords;
import app.avrel.house.RuleWords;
import app.avrel.project.Edit;
import app.avrel.project.Setting;
import java.util.ArrayList;
import java.util.List;
import java.util.function.IntConsumer;
import java.util.function.UnaryOperator;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Control;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;

/** The head of the window: project, rooms, directions, body, house rules, findings, menu. */
final class TopBar extends HBox {

    private static final String FULL = "%s: %s";
    private static final String SHORT = "%2$s";

    /** Pixels the project's name has at least. */
    private static final double NAME = 60;

    private final Session session;
    private final Label project = Texts.of("", "project-name");
    private final ToggleGroup rooms = new ToggleGroup();
    private final List<ToggleButton> tabs = new ArrayList<>();
    private final MenuButton directions = setting(Words.of("shell.directions"));
    private final MenuButton body = setting(Words.of("common.body"));
    private final Button rules;
    private final FindingsBadge findings;

    TopBar(Session session, Shell shell, MenuButton menu) {
        this.session = session;
        getStyleClass().add("top-bar");
        setAlignment(Pos.CENTER_LEFT);
        rules = Buttons.words("", Words.of("shell.house_rules_settings"), shell.sheets()::settings);
        findings = new FindingsBadge(() -> shell.findings().toggle());
        HBox tabRow = new HBox();
        tabRow.getStyleClass().add("tabs");
        tabRow.setAlignment(Pos.CENTER_LEFT);
        for (RoomName room : RoomName.values()) {
            tabRow.getChildren().add(tab(room, shell));
        }
        project.setMinWidth(60);
        project.maxWidthProperty().bind(widthProperty().multiply(0.2));
        project.setTooltip(Tips.saying(""));
        Region spring = new Region();
        HBox.setHgrow(spring, Priority.ALWAYS);
        getChildren().addAll(menu, project, tabRow, spring, directions, body, rules, findings);
        for (Region fixed : List.of(menu, tabRow, findings)) {
            fixed.setMinWidth(USE_PREF_SIZE);
        }
        directions.setMinWidth(USE_PREF_SIZE);
        body.setMinWidth(USE_PREF_SIZE);
        rules.setMinWidth(0);
    }

    private static MenuButton setting(String says) {
        MenuButton button = new MenuButton();
        button.getStyleClass().addAll("flat", "setting-button");
        Tips.give(button, says);
        return button;
    }

    private ToggleButton tab(RoomName room, Shell shell) {
        ToggleButton tab = new ToggleButton(room.label());
        tab.getStyleClass().setAll("tab-button");
        tab.setToggleGroup(rooms);
        Tips.give(tab, Words.of("shell.ctrl", room.label(), room.ordinal() + 1));
        tab.setOnAction(_ -> shell.go(room));
        tab.setMinWidth(USE_PREF_SIZE);
        tabs.add(tab);
        return tab;
    }

    @SuppressWarnings("NullAway.Init") // told by the first show
    private Setting shown;

    void show(Desk desk, RoomName room) {
        Texts.set(project, desk.project().name() + (session.dirty() ? " •" : ""));
        project.getTooltip().setText(where() + (session.dirty() ? Words.of("shell.not_saved_yet") : ""));
        tabs.get(room.ordinal()).setSelected(true);
        menus(desk.project().setting());
        findings.show(desk, session.previewing());
    }

    /** The menus are made anew only where the setting is another. */
    private void menus(Setting setting) {
        if (setting.equals(shown)) {
            return;
        }
        shown = setting;
        settings(setting, FULL);
        directions
                .getItems()
                .setAll(items(
                        FrameChoices.words(),
                        at -> change(
                                Words.of("shell.change_direction_words"),
                                s -> s.withWords(DirectionWords.values()[at]))));
        body.getItems()
                .setAll(items(
                        setting.bodies().stream().map(Body::label).toList(),
                        at -> change(Words.of("shell.change_body"), s -> s.withBodies(s.bodies(), at))));
    }

    /** Says the settings; where the window is too narrow for it, without their names. */
    private void settings(Setting setting, String form) {
        directions.setText(form.formatted(Words.of("shell.directions"), Words.of(setting.words())));
        body.setText(
                form.formatted(Words.of("common.body"), setting.chosenBody().label()));
        rules.setText(form.formatted(Words.of("common.house_rules"), RuleWords.name(setting.rules())));
    }

    @Override
    protected void layoutChildren() {
        Setting setting = session.project().setting();
        settings(setting, FULL);
        List<Control> folding = List.of(rules, body, directions);
        folding.forEach(control -> fold(control, false));
        if (prefWidth(-1) > getWidth()) {
            settings(setting, SHORT);
        }
        for (int i = 0; i < folding.size() && tight() > getWidth(); i++) {
            fold(folding.get(i), true);
        }
        super.layoutChildren();
    }

    /** What the settings give way for first: rooms, findings and menu are always seen. */
    private static void fold(Control control, boolean away) {
        control.setVisible(!away);
        control.setManaged(!away);
    }

    /** How wide it is with the name of the project cut short. */
    private double tight() {
        return prefWidth(-1) - project.prefWidth(-1) + NAME;
    }

    @Override
    protected double computeMinWidth(double height) {
        return 0;
    }

    private String where() {
        return session.file().get().map(Object::toString).orElse(Words.of("shell.not_file_yet"));
    }

    private static List<MenuItem> items(List<String> words, IntConsumer choose) {
        List<MenuItem> items = new ArrayList<>();
        for (int i = 0; i < words.size(); i++) {
            int at = i;
            MenuItem item = Texts.item(words.get(i));
            item.setOnAction(_ -> choose.accept(at));
            items.add(item);
        }
        return items;
    }

    private void change(String name, UnaryOperator<Setting> edit) {
        session.apply(Edit.of(name, whole -> whole.withSetting(edit.apply(whole.setting()))));
    }
}
