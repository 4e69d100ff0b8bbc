package app.avrel.desktop.form;

import app.avrel.desktop.parts.Pills;
import app.avrel.desktop.parts.Sheet;
import app.avrel.desktop.session.Session;
import app.avrel.desktop.words.Words;
import java.util.List;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** The form in figures: what it adds up to, and which way it points count by count, each behind a tab of one sheet. */
final class FiguresSheet {

    /** Which tab is on top. */
    enum Tab {
        TOTALS,
        DIRECTIONS
    }

    private FiguresSheet() {}

    static void open(Session session, StackPane over, Tab first) {
        StackPane shown = new StackPane();
        Pills tabs = new Pills();
        tabs.with(Words.of("form.totals"), Words.of("form.totals"), () -> show(session, shown, tabs, Tab.TOTALS))
                .with(
                        Words.of("form.directions_count_by"),
                        Words.of("form.directions_after_every"),
                        () -> show(session, shown, tabs, Tab.DIRECTIONS));
        VBox content = new VBox(tabs, shown);
        content.getStyleClass().add("table-sheet");
        show(session, shown, tabs, first);
        Sheet sheet = Sheet.show(
                over,
                session.desk().get().form().name(),
                content,
                List.of(new Sheet.Answer(Words.of("common.close"), () -> {})));
        sheet.parentProperty().addListener((_, _, parent) -> {
            if (parent == null) {
                shown.getChildren().clear();
            }
        });
    }

    private static void show(Session session, StackPane shown, Pills tabs, Tab tab) {
        tabs.down(tab.ordinal());
        shown.getChildren()
                .setAll(
                        switch (tab) {
                            case TOTALS -> TotalsTable.of(session);
                            case DIRECTIONS -> DirectionsTable.of(session.desk().get());
                        });
    }
}
