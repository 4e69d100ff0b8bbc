package app.avrel.desktop.learners;

import app.avrel.body.Measure;
import app.avrel.body.Side;
import app.avrel.desktop.parts.Buttons;
import app.avrel.desktop.parts.ChoiceField;
import app.avrel.desktop.parts.EntryField;
import app.avrel.desktop.parts.Texts;
import app.avrel.desktop.words.Words;
import app.avrel.floor.Numbers;
import app.avrel.project.Care;
import app.avrel.project.Learner;
import app.avrel.project.Precaution;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.BiConsumer;
import java.util.stream.Stream;
import javafx.geometry.Pos;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.kordamp.ikonli.feather.Feather;

/** One learner: label, stature, measures that differ, and what to take care of. */
final class LearnerRow extends VBox {

    private final EntryField label =
            new EntryField(Words.of("learners.label_learner"), Words.of("learners.label_not_name"), _ -> false);
    private final EntryField stature = new EntryField(Words.of("common.stature_cm"), "170", _ -> false);
    private final ChoiceField measure = new ChoiceField(Words.of("learners.measure_differs"));
    private final EntryField size =
            new EntryField(Words.of("learners.its_size_cm"), Words.of("learners.as_stature_says"), _ -> false);
    private final FlowPane cares = new FlowPane();
    private int measureAt;
    private Runnable remove = () -> {};

    LearnerRow() {
        getStyleClass().add("learner-row");
        cares.getStyleClass().add("learner-cares");
        HBox.setHgrow(label, Priority.ALWAYS);
        HBox.setHgrow(measure, Priority.ALWAYS);
        HBox first = new HBox(
                label,
                stature,
                unit(),
                measure,
                size,
                Buttons.icon(Feather.X, Words.of("learners.take_learner_out"), () -> remove.run()));
        first.setAlignment(Pos.CENTER_LEFT);
        first.getStyleClass().add("body-row");
        getChildren().addAll(first, cares);
    }

    private static Label unit() {
        Label label = Texts.of("cm", "field-label");
        label.setMinWidth(Label.USE_PREF_SIZE);
        return label;
    }

    void show(Learner learner, BiConsumer<String, Learner> change, Runnable newRemove) {
        remove = newRemove;
        label.show(learner.label(), text -> {
            if (!text.isBlank()) {
                change.accept("label", learner.withBody(learner.body().withLabel(text.strip())));
            }
            return !text.isBlank();
        });
        stature.show(
                Numbers.plain(learner.body().stature() * 100),
                text -> centimetres(text, 80, 250)
                        .map(metres -> {
                            change.accept(
                                    "stature", learner.withBody(learner.body().withStature(metres)));
                            return metres;
                        })
                        .isPresent());
        measure(learner, change);
        cares(learner, change);
    }

    private void measure(Learner learner, BiConsumer<String, Learner> change) {
        List<Measure> all = List.of(Measure.values());
        measure.show(all.stream().map(Words::of).toList(), measureAt, at -> {
            measureAt = at;
            measure(learner, change);
        });
        Measure which = all.get(measureAt);
        Integer taken = learner.body().measures().get(which);
        size.show(taken == null ? "" : Numbers.plain(taken / 10.0), text -> {
            Map<Measure, Integer> changed = new EnumMap<>(Measure.class);
            changed.putAll(learner.body().measures());
            if (text.isBlank()) {
                changed.remove(which);
            } else {
                double usual = which.shareOfStature() * learner.body().stature() * 100;
                Optional<Double> metres = centimetres(text, usual * 0.5, usual * 1.6);
                if (metres.isEmpty()) {
                    return false;
                }
                changed.put(which, (int) Math.round(metres.get() * 1000));
            }
            change.accept("measure" + which, learner.withBody(learner.body().withMeasures(changed)));
            return true;
        });
    }

    private static Optional<Double> centimetres(String text, double least, double most) {
        try {
            double value = Double.parseDouble(text.strip().replace(',', '.'));
            return value >= least && value <= most ? Optional.of(value / 100) : Optional.empty();
        } catch (NumberFormatException e) {
            return Optional.empty();
        }
    }

    /** What may be ticked: a knee or a hip on both sides or on one. */
    private static final List<Care> CARES = Stream.of(Precaution.values())
            .flatMap(what -> what.sided()
                    ? Stream.of(
                            Care.of(what),
                            new Care(what, Optional.of(Side.LEFT)),
                            new Care(what, Optional.of(Side.RIGHT)))
                    : Stream.of(Care.of(what)))
            .toList();

    private void cares(Learner learner, BiConsumer<String, Learner> change) {
        if (cares.getChildren().isEmpty()) {
            for (Care care : CARES) {
                CheckBox box = new CheckBox(care.words());
                box.setAccessibleText(Words.of("learners.take_care", care.words()));
                cares.getChildren().add(box);
            }
        }
        for (int i = 0; i < CARES.size(); i++) {
            Care care = CARES.get(i);
            CheckBox box = (CheckBox) cares.getChildren().get(i);
            box.setSelected(learner.cautions().contains(care));
            box.setOnAction(_ -> change.accept("cares", learner.withCautions(with(learner, care, box.isSelected()))));
        }
    }

    private static List<Care> with(Learner learner, Care care, boolean asked) {
        List<Care> all = new ArrayList<>(learner.cautions());
        all.removeIf(one -> one.what() == care.what());
        if (asked) {
            all.add(care);
        }
        all.sort(Comparator.comparing(Care::what));
        return all;
    }
}
