package app.avrel.desktop.form;

import app.avrel.desktop.parts.ChoiceField;
import app.avrel.desktop.parts.Sheet;
import app.avrel.desktop.parts.Texts;
import app.avrel.desktop.ribbon.PairedRibbon;
import app.avrel.desktop.ribbon.RibbonCell;
import app.avrel.desktop.ribbon.RibbonCells;
import app.avrel.desktop.session.Desk;
import app.avrel.desktop.session.Session;
import app.avrel.desktop.words.Words;
import app.avrel.form.Alignment;
import app.avrel.form.Comparison;
import app.avrel.form.Occurrence;
import app.avrel.posture.count.Count;
import app.avrel.rules.join.ComparisonWords;
import app.avrel.rules.join.EffectWords;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.control.Label;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** Two doings of a posture, two parts, the halves of a form or two forms, one ribbon over the other. */
final class CompareSheet {

    private final Desk desk;
    private final List<Comparables.One> all;
    private final ChoiceField first = new ChoiceField(Words.of("form.first"));
    private final ChoiceField second = new ChoiceField(Words.of("form.second"));
    private final PairedRibbon ribbon = new PairedRibbon();
    private final Label headline = Texts.wrapped("", "card-title");
    private final VBox lines = new VBox();
    private int one;
    private int other;

    private CompareSheet(Desk desk, int one, int other) {
        this.desk = desk;
        this.all = Comparables.of(desk);
        this.one = one;
        this.other = other;
        lines.getStyleClass().add("compare-lines");
    }

    /** Compares a doing with the one before of the same posture, or the first two forms where there is none. */
    static void open(Session session, StackPane over) {
        Desk desk = session.desk().get();
        List<Occurrence> doings = desk.formTrack().occurrences();
        if (doings.isEmpty()) {
            Sheet.tell(over, Words.of("form.nothing_compare_yet"), Words.of("form.add_postures_form"));
            return;
        }
        int chosen = Comparables.chosen(doings, desk.choice().entry());
        int before = Comparables.before(doings, chosen);
        CompareSheet sheet = new CompareSheet(desk, before < 0 ? chosen : before, chosen);
        sheet.first.setPrefWidth(320);
        sheet.second.setPrefWidth(320);
        HBox choices = new HBox(sheet.first, Texts.of(Words.of("common.beside"), "field-label"), sheet.second);
        choices.getStyleClass().add("compare-choices");
        HBox.setHgrow(sheet.first, Priority.ALWAYS);
        HBox.setHgrow(sheet.second, Priority.ALWAYS);
        VBox content = new VBox(choices, sheet.ribbon, sheet.headline, sheet.lines);
        content.getStyleClass().add("table-sheet");
        sheet.show();
        Sheet.show(
                over,
                Words.of("form.side_by_side"),
                content,
                List.of(new Sheet.Answer(Words.of("common.close"), () -> {})));
    }

    private void show() {
        List<String> names = all.stream().map(Comparables.One::name).toList();
        first.show(names, one, at -> {
            one = at;
            fill();
        });
        second.show(names, other, at -> {
            other = at;
            fill();
        });
        fill();
    }

    private void fill() {
        List<Alignment.Pair<Occurrence>> pairs = pairs();
        List<PairedRibbon.Column> columns = new ArrayList<>();
        pairs.forEach(pair -> columns.addAll(columns(pair)));
        ribbon.show(columns);
        long differ = columns.stream().filter(PairedRibbon.Column::lit).count();
        Texts.set(
                headline,
                differ == 0
                        ? Words.of("form.nothing_differs")
                        : Words.of("form.counts_differ", differ, columns.size()));
        lines.getChildren().clear();
        pairs.forEach(this::lines);
    }

    /** Single doings are always laid beside each other; longer stretches as they fit. */
    private List<Alignment.Pair<Occurrence>> pairs() {
        List<Occurrence> above = all.get(one).doings();
        List<Occurrence> below = all.get(other).doings();
        if (above.size() == 1 && below.size() == 1) {
            return List.of(new Alignment.Pair<>(Optional.of(above.getFirst()), Optional.of(below.getFirst()), 1));
        }
        return Alignment.ofOccurrences(above, below).pairs();
    }

    private List<PairedRibbon.Column> columns(Alignment.Pair<Occurrence> pair) {
        List<Count> above = pair.first()
                .map(done ->
                        pair.second().map(with -> Comparison.sided(done, with)).orElse(Comparison.counts(done)))
                .orElse(List.of());
        List<Count> below = pair.second().map(Comparison::counts).orElse(List.of());
        List<RibbonCell> firstCells = pair.first().map(this::cells).orElse(List.of());
        List<RibbonCell> secondCells = pair.second().map(this::cells).orElse(List.of());
        List<PairedRibbon.Column> columns = new ArrayList<>();
        int i = 0;
        int j = 0;
        for (Alignment.Pair<Count> counts : Alignment.ofCounts(above, below).pairs()) {
            Optional<RibbonCell> over =
                    counts.first().isPresent() ? Optional.of(firstCells.get(i++)) : Optional.empty();
            Optional<RibbonCell> under =
                    counts.second().isPresent() ? Optional.of(secondCells.get(j++)) : Optional.empty();
            columns.add(new PairedRibbon.Column(over, under, counts.differs()));
        }
        return columns;
    }

    private List<RibbonCell> cells(Occurrence done) {
        return RibbonCells.ofForm(desk, List.of(done));
    }

    /** What differs, under the count it belongs to. */
    private GridPane byCount(Occurrence before, Occurrence done) {
        GridPane grid = new GridPane();
        grid.getStyleClass().add("compare-grid");
        String last = "";
        for (ComparisonWords.Line line : new ComparisonWords(desk.saying(), before, done).lines()) {
            int row = grid.getRowCount();
            Label at = Texts.of(line.at().equals(last) ? "" : line.at(), "compare-at");
            at.setMinWidth(Region.USE_PREF_SIZE);
            grid.add(at, 0, row);
            grid.add(Texts.wrapped(line.words(), "join-words"), 1, row);
            last = line.at();
        }
        return grid;
    }

    private void lines(Alignment.Pair<Occurrence> pair) {
        if (pair.first().isPresent() && pair.second().isPresent()) {
            Comparison comparison =
                    Comparison.of(pair.first().get(), pair.second().get());
            if (comparison.alike()) {
                return;
            }
            lines.getChildren().add(Texts.of(Words.name(pair.second().get().posture()), "section"));
            new EffectWords(pair.first().get(), pair.second().get())
                    .lines()
                    .forEach(effect -> lines.getChildren().add(Texts.wrapped(effect, "effect-words")));
            lines.getChildren().add(byCount(pair.first().get(), pair.second().get()));
        } else {
            String only = pair.first().isPresent() ? Words.of("form.only_first") : Words.of("form.only_second");
            Occurrence done = pair.first().or(pair::second).orElseThrow();
            lines.getChildren()
                    .add(Texts.wrapped(only + Words.name(done.posture()) + Words.of("common.full_stop"), "join-words"));
        }
    }
}
