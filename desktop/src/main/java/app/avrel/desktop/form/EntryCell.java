package app.avrel.desktop.form;

import app.avrel.desktop.parts.Texts;
import app.avrel.desktop.words.Words;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** Shows a line of the form's list. */
final class EntryCell extends ListCell<EntryLine> {

    private final Label mark = Texts.of("◀", "join-mark");
    private final Label number = Texts.of("", "entry-number");
    private final Label name = Texts.of("", "posture-name");
    private final Label below = Texts.of("", "posture-other");
    private final Label facing = Texts.of("", "entry-facing");
    private final HBox entry = new HBox();
    private final Label part = Texts.of("", "part-name");
    private final Label entries = Texts.of("", "part-entries");
    private final HBox head = new HBox();

    EntryCell() {
        VBox names = new VBox(name, below);
        names.setMinWidth(0);
        HBox.setHgrow(names, Priority.ALWAYS);
        facing.setMinWidth(Label.USE_PREF_SIZE);
        entry.getChildren().addAll(mark, number, names, facing);
        entry.setAlignment(Pos.TOP_LEFT);
        entry.setPrefWidth(10);
        HBox.setHgrow(part, Priority.ALWAYS);
        part.setMaxWidth(Double.MAX_VALUE);
        head.getChildren().addAll(part, entries);
        head.setAlignment(Pos.BASELINE_LEFT);
        head.setPrefWidth(10);
        head.getStyleClass().add("part-head");
    }

    @Override
    protected void updateItem(EntryLine line, boolean empty) {
        super.updateItem(line, empty);
        setText(null);
        setGraphic(null);
        setDisable(line instanceof EntryLine.Head);
        if (empty || line == null) {
            return;
        }
        switch (line) {
            case EntryLine.Head of -> showHead(of);
            case EntryLine.Of of -> showEntry(of);
        }
    }

    private void showHead(EntryLine.Head of) {
        Texts.set(part, of.name().isEmpty() ? Words.of("form.unnamed_part") : of.name());
        entries.setText(of.entries() == 1 ? Words.of("form.1_entry") : Words.of("form.entries", of.entries()));
        setGraphic(head);
    }

    private void showEntry(EntryLine.Of of) {
        mark.setVisible(!of.joins());
        number.setText(of.number());
        Texts.set(name, of.name());
        below.setText(of.below());
        below.setVisible(!of.below().isEmpty());
        below.setManaged(!of.below().isEmpty());
        facing.setText(of.facing());
        setAccessibleText(Words.of(
                "form.ends_facing",
                of.number(),
                of.name(),
                of.below(),
                of.facing(),
                of.joins() ? "" : Words.of("form.does_not_join")));
        setGraphic(entry);
    }
}
