package app.avrel.desktop.form;

import app.avrel.desktop.parts.Buttons;
import app.avrel.desktop.parts.EntryField;
import app.avrel.desktop.parts.LinesField;
import app.avrel.desktop.parts.Sheet;
import app.avrel.desktop.parts.Texts;
import app.avrel.desktop.session.Session;
import app.avrel.files.TextFile;
import app.avrel.form.NameList;
import app.avrel.project.Edit;
import app.avrel.project.ImportedPostures;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import javafx.scene.control.Label;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** Asks for a list of posture names, and makes a form of it. */
public final class NameListSheet {

    private final Session session;
    private final EntryField name = new EntryField("Name of the form", "Form", _ -> true);
    private final LinesField names = new LinesField(
            "Names of postures, one a line",
            "1. Lean on the Gate (right, left)\n2. Turn the Millwheel x2\nThe mill:\nBar the Door",
            "");
    private final Label told = Texts.wrapped("", "quiet");
    private NameList list = new NameList(List.of());

    private final Supplier<Optional<Path>> choosing;

    private NameListSheet(Session session, Supplier<Optional<Path>> choosing) {
        this.session = session;
        this.choosing = choosing;
    }

    /**
     * Lays the sheet over the window.
     *
     * @param choosing asks for a file
     */
    public static void open(Session session, StackPane over, Supplier<Optional<Path>> choosing) {
        new NameListSheet(session, choosing).show(over);
    }

    private void show(StackPane over) {
        names.area().setPrefRowCount(8);
        names.area().textProperty().addListener((_, _, text) -> read(text));
        name.field().setText("Form " + (session.project().forms().size() + 1));
        VBox content = new VBox(
                Texts.wrapped(
                        "Paste a list or lines of a table, or take them from a file: a posture a line, with side and repeats as you write them. A"
                                + " line that ends in a colon begins a part.",
                        "sheet-text"),
                Texts.of("Name of the form", "field-label"),
                name,
                Texts.of("Postures", "field-label"),
                names,
                Buttons.words("From a file…", "Take the list from a text or CSV file", this::fromFile),
                told);
        content.getStyleClass().add("name-list");
        Sheet.show(
                over,
                "Import a list of names",
                content,
                List.of(new Sheet.Answer("Make the form", this::make), new Sheet.Answer("Cancel", () -> {})));
        names.area().requestFocus();
    }

    private void fromFile() {
        choosing.get().map(TextFile::read).ifPresent(got -> {
            switch (got) {
                case TextFile.Got.Text(String text) -> names.area().setText(text);
                case TextFile.Got.Refused(String message) -> told.setText(message);
            }
        });
    }

    private void read(String text) {
        list = NameList.parse(text);
        ImportedPostures result = ImportedPostures.of(session.project(), list, "Form");
        told.setText(
                list.postures().isEmpty()
                        ? ""
                        : list.postures().size() + " entries; " + result.known() + " postures are recorded already, "
                                + result.fresh() + " will be empty cards to fill.");
    }

    private void make() {
        if (list.postures().isEmpty()) {
            return;
        }
        String formName = name.field().getText().isBlank()
                ? "Form"
                : name.field().getText().strip();
        ImportedPostures result = ImportedPostures.of(session.project(), list, formName);
        session.apply(
                Edit.of(
                        "Import a list of names",
                        project -> ImportedPostures.of(project, list, formName).project()),
                session.choice().withForm(result.form().id()));
    }
}
