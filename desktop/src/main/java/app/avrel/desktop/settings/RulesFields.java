package app.avrel.desktop.settings;

import app.avrel.desktop.parts.Buttons;
import app.avrel.desktop.parts.ChoiceField;
import app.avrel.desktop.parts.EntryField;
import app.avrel.desktop.parts.FieldGrid;
import app.avrel.desktop.parts.Pills;
import app.avrel.desktop.parts.RuleField;
import app.avrel.desktop.parts.RuleRows;
import app.avrel.desktop.session.Session;
import app.avrel.desktop.words.Words;
import app.avrel.house.HouseRule;
import app.avrel.house.HouseRules;
import app.avrel.house.RuleSubject;
import app.avrel.house.RuleWords;
import app.avrel.house.Stance;
import app.avrel.project.Setting;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.function.BiPredicate;
import java.util.function.UnaryOperator;
import javafx.scene.control.Label;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** The house rules: those that hold everywhere, by what they are about, and those that hold in one stance only. */
final class RulesFields {

    private final Session session;
    private final BiPredicate<String, UnaryOperator<Setting>> change;
    private final ChoiceField preset;
    private final EntryField rulesName;
    private final ChoiceField stance;
    private final Map<HouseRule, RuleField> rules = new EnumMap<>(HouseRule.class);

    private final Map<HouseRule, Label> labels = new EnumMap<>(HouseRule.class);
    private final Pills subjects = new Pills();
    private final VBox about = new VBox();
    private final RuleRows inStance = new RuleRows();
    private int stanceAt;

    /**
     * Puts the fields where they are shown.
     *
     * @param house takes what holds everywhere
     * @param inOne takes what holds in one stance only
     * @param change takes a change of the settings, under the name of what is changed
     */
    RulesFields(
            Session session,
            StackPane over,
            FieldGrid house,
            FieldGrid inOne,
            BiPredicate<String, UnaryOperator<Setting>> change) {
        this.session = session;
        this.change = change;
        for (HouseRule rule : HouseRule.values()) {
            rules.put(rule, new RuleField(rule));
        }
        preset = house.choice(Words.of("settings.start_from"));
        rulesName = house.line(Words.of("common.called"), Words.of("settings.plain_words"));
        house.wide(Buttons.words(
                Words.of("settings.compare_two_sets"),
                Words.of("settings.two_sets_side"),
                () -> RulesBesideSheet.open(session, over)));
        subjects.of(
                Arrays.stream(RuleSubject.values()).map(Words::of).toList(),
                Words.of("settings.house_rules_about"),
                this::about);
        house.wide(subjects);
        about.getStyleClass().add("rule-subject");
        house.wide(about);
        about(0);
        stance = inOne.choice(Words.of("common.stance"));
        inOne.wide(inStance);
    }

    void show(Setting setting) {
        List<HouseRules> presets = HouseRules.presets();
        preset.show(
                presets.stream().map(RuleWords::name).toList(),
                presets.indexOf(setting.rules()),
                at -> change.test("preset", whole -> whole.withRules(presets.get(at))));
        rulesName.show(
                setting.rules().name(),
                text -> change.test(
                        "rulesName", whole -> whole.withRules(whole.rules().withName(text.strip()))));
        rules.forEach((rule, field) -> field.show(
                setting.rules().get(rule),
                answer -> change.test(
                        "rule" + rule, whole -> whole.withRules(whole.rules().with(rule, answer)))));
        mark(setting.rules());
        stances(setting);
    }

    /** Shows the rules about one subject: what each is called, its answer, and whether the preset has another. */
    private void about(int at) {
        subjects.down(at);
        RuleSubject subject = RuleSubject.values()[at];
        FieldGrid fields = new FieldGrid();
        labels.clear();
        rules.forEach((rule, field) -> {
            if (RuleSubject.of(rule) == subject) {
                Label label = fields.labelled(RuleField.label(rule), field);
                labels.put(rule, label);
            }
        });
        about.getChildren().setAll(fields);
        mark(session.project().setting().rules());
    }

    /** Marks what differs from the set these rules started from, or the usual. */
    private void mark(HouseRules now) {
        HouseRules from = HouseRules.presets().stream()
                .filter(one -> one.name().equals(now.name()))
                .findFirst()
                .orElse(HouseRules.LARGE_FRAME);
        labels.forEach((rule, label) -> label.setText(RuleField.label(rule)
                + (now.get(rule) == from.get(rule)
                        ? ""
                        : Words.of("settings.was", RuleWords.say(rule, from.get(rule))))));
    }

    /** What holds in one stance only; those that have something of their own are marked. */
    private void stances(Setting setting) {
        Map<Stance, Map<HouseRule, Integer>> own = setting.rules().stances();
        stance.show(
                Arrays.stream(Stance.values())
                        .map(one -> Words.of(one) + (own.containsKey(one) ? " •" : ""))
                        .toList(),
                stanceAt,
                at -> {
                    stanceAt = at;
                    stances(session.project().setting());
                });
        Stance chosen = Stance.values()[stanceAt];
        inStance.show(
                own.getOrDefault(chosen, Map.of()),
                setting.rules().answers(),
                answers -> change.test(
                        "stance" + chosen,
                        whole -> whole.withRules(whole.rules().withStance(chosen, answers))));
    }
}
