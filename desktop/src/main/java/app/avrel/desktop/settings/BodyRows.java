package app.avrel.desktop.settings;

import app.avrel.body.Body;
import app.avrel.desktop.parts.Buttons;
import app.avrel.desktop.parts.EntryField;
import app.avrel.desktop.parts.Texts;
import app.avrel.desktop.words.Words;
import app.avrel.project.Setting;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BiPredicate;
import java.util.function.UnaryOperator;
import javafx.geometry.Pos;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.kordamp.ikonli.feather.Feather;

/** One row for each body: its label, its stature, and a way to take it out. */
final class BodyRows {

    private BodyRows() {}

    static void show(VBox rows, Setting setting, BiPredicate<String, UnaryOperator<Setting>> change) {
        List<Body> all = setting.bodies();
        if (rows.getChildren().size() != all.size()) {
            rows.getChildren().clear();
            for (int i = 0; i < all.size(); i++) {
                rows.getChildren().add(row(i, change));
            }
        }
        for (int i = 0; i < all.size(); i++) {
            update((HBox) rows.getChildren().get(i), all.get(i), i, change);
        }
    }

    private static HBox row(int at, BiPredicate<String, UnaryOperator<Setting>> change) {
        EntryField label = new EntryField(Words.of("settings.label_body"), Words.of("settings.label"), _ -> false);
        EntryField stature = new EntryField(Words.of("common.stature_cm"), "170", _ -> false);
        HBox.setHgrow(label, Priority.ALWAYS);
        HBox row = new HBox(
                label,
                stature,
                Texts.of("cm", "field-label"),
                Buttons.icon(
                        Feather.X,
                        Words.of("settings.take_body_out"),
                        () -> change.test("bodies", whole -> without(whole, at))));
        row.setAlignment(Pos.CENTER_LEFT);
        row.getStyleClass().add("body-row");
        return row;
    }

    private static void update(HBox row, Body body, int at, BiPredicate<String, UnaryOperator<Setting>> change) {
        EntryField label = (EntryField) row.getChildren().get(0);
        EntryField stature = (EntryField) row.getChildren().get(1);
        label.show(
                body.label(),
                text -> !text.isBlank()
                        && change.test("label" + at, whole -> with(whole, at, body.withLabel(text.strip()))));
        stature.show(
                SettingsSheet.centimetres(body.stature()),
                text -> metres(text)
                        .filter(metres ->
                                change.test("stature" + at, whole -> with(whole, at, body.withStature(metres))))
                        .isPresent());
    }

    private static Optional<Double> metres(String text) {
        try {
            double metres = Double.parseDouble(text.strip().replace(',', '.')) / 100;
            return metres >= 0.8 && metres <= 2.5 ? Optional.of(metres) : Optional.empty();
        } catch (NumberFormatException e) {
            return Optional.empty();
        }
    }

    private static Setting with(Setting setting, int at, Body body) {
        List<Body> all = new ArrayList<>(setting.bodies());
        all.set(at, body);
        return setting.withBodies(all, setting.body());
    }

    /** The last body stays: there is always one that is the measure. */
    private static Setting without(Setting setting, int at) {
        List<Body> all = new ArrayList<>(setting.bodies());
        if (all.size() == 1) {
            return setting;
        }
        all.remove(at);
        int chosen = setting.body() > at || setting.body() == all.size() ? setting.body() - 1 : setting.body();
        return setting.withBodies(all, chosen);
    }
}
