package app.avrel.desktop.exchange;

import app.avrel.desktop.parts.ChoiceField;
import app.avrel.desktop.parts.Sheet;
import app.avrel.desktop.parts.Texts;
import app.avrel.desktop.session.Session;
import app.avrel.desktop.words.Words;
import app.avrel.label.Language;
import app.avrel.project.Edit;
import app.avrel.project.Project;
import app.avrel.project.notes.NotesIn;
import app.avrel.project.notes.NotesLine;
import java.util.List;
import javafx.collections.FXCollections;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.control.TextArea;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** Reads whole postures from plain notes: typed or pasted on top, told line by line below as one types. */
public final class NotesSheet {

    private static final int ROWS = 10;
    /** What a line leaves free beside it, for its edge and the bar: pixels. */
    private static final int ASIDE = 56;

    private static final List<String> LANGUAGES = List.of("EN", "ES", "中");

    private final Session session;
    private final TextArea text = new TextArea();
    private final ListView<NotesLine> lines = new ListView<>();
    private final Label told = Texts.wrapped("", "sheet-text");

    private Language language = Words.language();

    private NotesSheet(Session session) {
        this.session = session;
        text.setPromptText(Words.of("exchange.postures_name_nstart"));
        text.setAccessibleText(Words.of("exchange.notes"));
        text.setPrefRowCount(ROWS);
        text.getStyleClass().add("notes-text");
        text.textProperty().addListener((_, _, _) -> tell());
        lines.getStyleClass().add("notes-lines");
        lines.setAccessibleText(Words.of("exchange.understood"));
        lines.setCellFactory(_ -> new Cell());
    }

    /** Lays the sheet over the window, with notes to begin with. */
    public static void open(Session session, StackPane over, String notes) {
        NotesSheet sheet = new NotesSheet(session);
        sheet.text.setText(notes);
        Label how = Texts.wrapped(Words.of("exchange.heading_begins"), "sheet-text");
        HBox.setHgrow(how, Priority.ALWAYS);
        HBox head = new HBox(how, sheet.languages());
        head.getStyleClass().add("notes-head");
        VBox content = new VBox(head, sheet.text, sheet.lines, sheet.told);
        content.getStyleClass().add("notes-sheet");
        Sheet laid = Sheet.show(
                over,
                Words.of("common.read_notes"),
                content,
                List.of(
                        new Sheet.Answer(Words.of("exchange.record_them"), sheet::record),
                        new Sheet.Answer(Words.of("common.cancel"), () -> {})));
        laid.answersWhile(sheet.text.textProperty().map(written -> !written.isBlank()));
        sheet.tell();
    }

    private ChoiceField languages() {
        ChoiceField choice = new ChoiceField(Words.of("exchange.language_notes"));
        choice.getStyleClass().add("line-language");
        choice.show(LANGUAGES, language.ordinal(), chosen -> {
            language = Language.values()[chosen];
            tell();
        });
        return choice;
    }

    private NotesIn.Result read(Project project) {
        return NotesIn.read(text.getText(), project, language);
    }

    private void tell() {
        NotesIn.Result result = read(session.project());
        lines.setItems(FXCollections.observableList(result.lines()));
        int postures = result.project().postures().size()
                - session.project().postures().size();
        told.setText(
                result.lines().isEmpty()
                        ? Words.of("exchange.nothing_written_yet")
                        : Words.of(
                                "exchange.lines_understood",
                                postures
                                        + (postures == 1 ? Words.of("exchange.posture") : Words.of("exchange.postures"))
                                        + result.lines().size(),
                                result.count(NotesLine.Outcome.UNDERSTOOD),
                                result.count(NotesLine.Outcome.KEPT),
                                result.count(NotesLine.Outcome.NOTED)));
    }

    private void record() {
        session.apply(
                Edit.of(Words.of("common.read_notes"), project -> read(project).project()));
    }

    /** One line and what it records; what is not understood stands out. */
    private final class Cell extends ListCell<NotesLine> {

        private final Label said = Texts.wrapped("", "notes-line");

        Cell() {
            said.prefWidthProperty().bind(lines.widthProperty().subtract(ASIDE));
            said.setMaxWidth(Region.USE_PREF_SIZE);
        }

        @Override
        protected void updateItem(NotesLine line, boolean empty) {
            super.updateItem(line, empty);
            said.getStyleClass().removeAll("notes-kept");
            if (empty || line == null) {
                setGraphic(null);
                return;
            }
            boolean whole = line.outcome() == NotesLine.Outcome.UNDERSTOOD;
            Texts.set(
                    said, line.number() + "   " + line.said() + (whole ? "" : "   (" + Words.of(line.outcome()) + ")"));
            if (!whole) {
                said.getStyleClass().add("notes-kept");
            }
            setGraphic(said);
        }
    }
}
