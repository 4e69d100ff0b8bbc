package app.avrel.desktop.settings;

import app.avrel.desktop.parts.BackgroundTask;
import app.avrel.desktop.parts.ChoiceField;
import app.avrel.desktop.parts.RuleField;
import app.avrel.desktop.parts.Sheet;
import app.avrel.desktop.parts.Texts;
import app.avrel.desktop.session.Session;
import app.avrel.desktop.words.Words;
import app.avrel.form.Form;
import app.avrel.house.HouseRule;
import app.avrel.house.HouseRules;
import app.avrel.house.RuleWords;
import app.avrel.project.Project;
import app.avrel.project.RulesBeside;
import app.avrel.rules.Finding;
import app.avrel.rules.Where;
import java.util.List;
import java.util.stream.Stream;
import javafx.scene.control.Label;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** Two sets of house rules side by side, and what each finds in the chosen form that the other does not. */
public final class RulesBesideSheet {

    private static final int MOST = 40;

    private final Project project;
    private final Form form;
    private final List<HouseRules> sets;
    private final ChoiceField first = new ChoiceField(Words.of("settings.first_set"));
    private final ChoiceField second = new ChoiceField(Words.of("settings.second_set"));
    private final GridPane grid = new GridPane();
    private final BackgroundTask behind = new BackgroundTask();
    private int firstAt;
    private int secondAt = 1;

    private RulesBesideSheet(Session session) {
        project = session.project();
        form = session.desk().get().form();
        sets = Stream.of(
                        Stream.of(project.setting().rules()),
                        project.forms().stream().flatMap(other -> other.rules().stream()),
                        HouseRules.presets().stream())
                .flatMap(all -> all)
                .distinct()
                .toList();
        grid.getStyleClass().add("rules-beside");
        for (double share : new double[] {44, 28, 28}) {
            ColumnConstraints column = new ColumnConstraints();
            column.setPercentWidth(share);
            grid.getColumnConstraints().add(column);
        }
        show();
    }

    /** Lays the sheet over the window. */
    public static void open(Session session, StackPane over) {
        RulesBesideSheet sheet = new RulesBesideSheet(session);
        HBox head = new HBox(8, sheet.first, Texts.of(Words.of("settings.and"), "field-label"), sheet.second);
        VBox content = new VBox(head, sheet.grid);
        content.getStyleClass().add("table-sheet");
        content.setPrefWidth(880);
        Sheet.show(
                over,
                Words.of("settings.house_rules_side"),
                content,
                List.of(new Sheet.Answer(Words.of("common.close"), () -> {})));
    }

    private void show() {
        List<String> names = sets.stream().map(RuleWords::name).toList();
        first.show(names, firstAt, at -> {
            firstAt = at;
            show();
        });
        second.show(names, secondAt, at -> {
            secondAt = at;
            show();
        });
        HouseRules one = sets.get(firstAt);
        HouseRules other = sets.get(secondAt);
        grid.getChildren().setAll(Texts.of(Words.of("settings.working_out"), "quiet"));
        behind.ask(() -> RulesBeside.of(project, form, one, other), beside -> fill(beside, one, other));
    }

    private void fill(RulesBeside beside, HouseRules one, HouseRules other) {
        grid.getChildren().clear();
        row(
                0,
                Texts.of("", "section"),
                Texts.wrapped(RuleWords.name(one), "section"),
                Texts.wrapped(RuleWords.name(other), "section"));
        int row = 1;
        for (HouseRule rule : beside.different()) {
            row(
                    row++,
                    Texts.wrapped(RuleField.label(rule), "field-label"),
                    Texts.wrapped(RuleWords.say(rule, one.get(rule)), "sheet-text"),
                    Texts.wrapped(RuleWords.say(rule, other.get(rule)), "sheet-text"));
        }
        if (beside.different().isEmpty()) {
            grid.add(Texts.wrapped(Words.of("settings.they_answer_everything"), "sheet-text"), 0, row++, 3, 1);
        }
        Label found = Texts.wrapped(Words.of("settings.found_only_by", form.name(), beside.both()), "section");
        grid.add(found, 0, row++, 3, 1);
        row = findings(beside.onlyFirst(), 1, row);
        row = findings(beside.onlySecond(), 2, row);
        if (beside.onlyFirst().isEmpty() && beside.onlySecond().isEmpty()) {
            grid.add(Texts.wrapped(Words.of("settings.both_find_same"), "sheet-text"), 0, row, 3, 1);
        }
    }

    private void row(int row, Label... labels) {
        grid.addRow(row, labels);
    }

    private int findings(List<Finding> found, int column, int from) {
        int row = from;
        for (Finding finding : found.subList(0, Math.min(MOST, found.size()))) {
            grid.add(Texts.wrapped(place(finding.where()), "field-label"), 0, row);
            Label label = Texts.wrapped(finding.severity().mark() + " " + finding.headline(), "sheet-text");
            grid.add(label, column, row++);
        }
        if (found.size() > MOST) {
            grid.add(Texts.of(Words.of("settings.more", found.size() - MOST), "quiet"), column, row++);
        }
        return row;
    }

    private String place(Where where) {
        return switch (where) {
            case Where.InPosture(var id, var count) ->
                project.posture(id).map(Words::name).orElse("")
                        + count.map(at -> Words.of("common.count_3", at + 1)).orElse("");
            case Where.InForm(var _, int entry, var _) ->
                Words.of(
                        "settings.entry",
                        project.posture(form.entries().get(entry).posture())
                                .map(Words::name)
                                .orElse(""),
                        entry + 1);
        };
    }
}
