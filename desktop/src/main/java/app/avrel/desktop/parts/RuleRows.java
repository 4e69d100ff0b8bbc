package app.avrel.desktop.parts;

import app.avrel.desktop.words.Words;
import app.avrel.house.HouseRule;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
import javafx.geometry.Pos;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.kordamp.ikonli.feather.Feather;

/** House rules that are otherwise for one posture or one stance: a row each, and a way to add another. */
public final class RuleRows extends VBox {

    private final ChoiceField add = new ChoiceField(Words.of("parts.add_rule_its"));
    private Map<HouseRule, Integer> shown = Map.of();

    public RuleRows() {
        getStyleClass().add("rule-rows");
    }

    /**
     * Shows the rules that are otherwise.
     *
     * @param usual what a rule says elsewhere: a new one starts from there
     * @param change is told all of them once one is added, changed or taken out
     */
    public void show(
            Map<HouseRule, Integer> own, Map<HouseRule, Integer> usual, Consumer<Map<HouseRule, Integer>> change) {
        boolean sameRows = shown.keySet().equals(own.keySet()) && !getChildren().isEmpty();
        shown = own;
        if (!sameRows) {
            getChildren().clear();
            own.keySet().forEach(rule -> getChildren().add(row(rule, change)));
            getChildren().add(add);
        }
        int at = 0;
        for (Map.Entry<HouseRule, Integer> entry : own.entrySet()) {
            RuleField field =
                    (RuleField) ((HBox) getChildren().get(at++)).getChildren().get(1);
            field.show(entry.getValue(), answer -> {
                change.accept(with(entry.getKey(), answer));
                return true;
            });
        }
        List<HouseRule> others = Arrays.stream(HouseRule.values())
                .filter(rule -> !own.containsKey(rule))
                .toList();
        add.setPromptText(Words.of("parts.add_rule_its_own"));
        add.show(
                others.stream().map(RuleField::label).toList(),
                -1,
                chosen -> change.accept(with(
                        others.get(chosen),
                        usual.getOrDefault(
                                others.get(chosen), others.get(chosen).usual()))));
    }

    private HBox row(HouseRule rule, Consumer<Map<HouseRule, Integer>> change) {
        var label = Texts.wrapped(RuleField.label(rule), "field-label");
        HBox.setHgrow(label, Priority.ALWAYS);
        label.setMaxWidth(Double.MAX_VALUE);
        HBox row = new HBox(
                label,
                new RuleField(rule),
                Buttons.icon(Feather.X, Words.of("parts.as_everywhere_again"), () -> change.accept(without(rule))));
        row.setAlignment(Pos.CENTER_LEFT);
        row.getStyleClass().add("rule-row");
        return row;
    }

    private Map<HouseRule, Integer> with(HouseRule rule, int answer) {
        EnumMap<HouseRule, Integer> changed = new EnumMap<>(HouseRule.class);
        changed.putAll(shown);
        changed.put(rule, answer);
        return changed;
    }

    private Map<HouseRule, Integer> without(HouseRule rule) {
        EnumMap<HouseRule, Integer> changed = new EnumMap<>(HouseRule.class);
        changed.putAll(shown);
        changed.remove(rule);
        return changed;
    }
}
