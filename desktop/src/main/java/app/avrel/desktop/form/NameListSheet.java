package app.avrel.desktop.form;

import app.avrel.desktop.parts.Buttons;
import app.avrel.desktop.parts.EntryField;
import app.avrel.desktop.parts.LinesField;
import app.avrel.desktop.parts.Sheet;
import app.avrel.desktop.parts.Texts;
import app.avrel.desktop.session.Session;
import app.avrel.desktop.words.Words;
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
    private final EntryField name = new EntryField(Words.of("form.name_form"), Words.of("common.form"), _ -> true);
    private final LinesField names =
            new LinesField(Words.of("form.names_postures_one"), Words.of("form.1_lean_on"), "");
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
        name.field().setText(Words.of("form.form", session.project().forms().size() + 1));
        VBox content = new VBox(
                Texts.wrapped(Words.of("form.paste_list_or"), "sheet-text"),
                Texts.of(Words.of("form.name_form"), "field-label"),
                name,
                Texts.of(Words.of("common.postures"), "field-label"),
                names,
                Buttons.words(Words.of("form.from_file"), Words.of("form.take_list_from"), this::fromFile),
                told);
        content.getStyleClass().add("name-list");
        Sheet.show(
                over,
                Words.of("common.import_list_names"),
                content,
                List.of(
                        new Sheet.Answer(Words.of("form.make_form"), this::make),
                        new Sheet.Answer(Words.of("common.cancel"), () -> {})));
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
        ImportedPostures result = ImportedPostures.of(session.project(), list, Words.of("common.form"));
        told.setText(
                list.postures().isEmpty()
                        ? ""
                        : Words.of(
                                "form.entries_postures_recorded",
                                list.postures().size(),
                                result.known(),
                                result.fresh()));
    }

    private void make() {
        if (list.postures().isEmpty()) {
            return;
        }
        String formName = name.field().getText().isBlank()
                ? Words.of("common.form")
                : name.field().getText().strip();
        ImportedPostures result = ImportedPostures.of(session.project(), list, formName);
        session.apply(
                Edit.of(
                        Words.of("common.import_list_names"),
                        project -> ImportedPostures.of(project, list, formName).project()),
                session.choice().withForm(result.form().id()));
    }
}
