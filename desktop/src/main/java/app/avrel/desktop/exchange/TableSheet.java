package app.avrel.desktop.exchange;

import app.avrel.desktop.parts.Scroller;
import app.avrel.desktop.parts.Sheet;
import app.avrel.desktop.parts.Texts;
import app.avrel.desktop.words.Words;
import app.avrel.project.TableChange;
import java.util.List;
import javafx.scene.control.Label;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** What a table makes of the form or of its counts, line by line, before anything is done. */
final class TableSheet {

    private TableSheet() {}

    /** Lays the sheet over the window; {@code take} does what is told in it. */
    static void open(StackPane over, List<TableChange> changes, Runnable take) {
        GridPane grid = new GridPane();
        grid.getStyleClass().add("table-changes");
        changes.forEach(change -> row(grid, change));
        VBox content = new VBox(Texts.wrapped(summary(changes), "sheet-text"), new Scroller(grid));
        content.getStyleClass().add("table-sheet");
        Sheet.show(
                over,
                Words.of("exchange.what_table_makes"),
                content,
                List.of(
                        new Sheet.Answer(Words.of("exchange.import"), take),
                        new Sheet.Answer(Words.of("common.cancel"), () -> {})));
    }

    private static String summary(List<TableChange> changes) {
        return Words.of(
                "exchange.table_summary",
                count(changes, TableChange.Kind.SAME),
                count(changes, TableChange.Kind.CHANGED),
                count(changes, TableChange.Kind.NEW),
                count(changes, TableChange.Kind.GONE));
    }

    private static long count(List<TableChange> changes, TableChange.Kind kind) {
        return changes.stream().filter(change -> change.kind() == kind).count();
    }

    private static void row(GridPane grid, TableChange change) {
        int row = grid.getRowCount();
        String style = change.kind() == TableChange.Kind.SAME ? "field-label" : "table-change";
        Label kind = Texts.of(Words.of(change.kind()), style);
        kind.setMinWidth(Label.USE_PREF_SIZE);
        grid.add(Texts.of(Integer.toString(change.number()), "field-label"), 0, row);
        grid.add(kind, 1, row);
        grid.add(Texts.wrapped(said(change), style), 2, row);
    }

    private static String said(TableChange change) {
        return Words.sided(Words.name(change.posture()), change.posture().side())
                + (change.said().isEmpty() ? "" : ": " + change.said());
    }
}
