package app.avrel.desktop.postures;

import app.avrel.body.Side;
import app.avrel.desktop.parts.Buttons;
import app.avrel.desktop.parts.ChoiceField;
import app.avrel.desktop.parts.EntryField;
import app.avrel.desktop.parts.Texts;
import app.avrel.desktop.words.Words;
import app.avrel.posture.move.Move;
import java.util.List;
import java.util.Optional;
import java.util.function.BiConsumer;
import java.util.regex.Pattern;
import javafx.geometry.Pos;
import javafx.geometry.VPos;
import javafx.scene.AccessibleRole;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.kordamp.ikonli.feather.Feather;

/** One move on the card: a line that says it, and below it, when opened, its fields. */
final class MoveRow extends VBox {

    private static final Pattern BETWEEN = Pattern.compile("^[\\s,，:：、]+");

    private final HBox head = new HBox();
    private final Label title = Texts.of("", "move-title");
    private final Label summary = Texts.wrapped("", "move-summary");
    private final GridPane fields = new GridPane();
    private final BiConsumer<String, Move> change;

    /**
     * @param change takes a field's label and the changed move
     * @param remove takes the move out
     * @param open opens or closes the fields
     */
    MoveRow(BiConsumer<String, Move> change, Runnable remove, Runnable open) {
        this.change = change;
        getStyleClass().add("move-row");
        title.setMinHeight(Label.USE_PREF_SIZE);
        HBox.setHgrow(summary, Priority.ALWAYS);
        head.getChildren().addAll(title, summary);
        head.getStyleClass().add("move-head");
        head.setFocusTraversable(true);
        head.setAccessibleRole(AccessibleRole.BUTTON);
        head.setOnMouseClicked(_ -> open.run());
        head.setOnKeyPressed(event -> {
            if (event.getCode() == KeyCode.ENTER || event.getCode() == KeyCode.SPACE) {
                event.consume();
                open.run();
            }
        });
        HBox.setHgrow(head, Priority.ALWAYS);
        HBox top = new HBox(head, Buttons.icon(Feather.X, Words.of("postures.take_move_out"), remove));
        top.setAlignment(Pos.CENTER_LEFT);
        getChildren().add(top);
        ColumnConstraints second = new ColumnConstraints();
        second.setHgrow(Priority.ALWAYS);
        fields.getColumnConstraints().addAll(new ColumnConstraints(), second);
        fields.getStyleClass().add("move-fields");
    }

    /** Shows a move; the fields too where the row is open. */
    void show(Move move, String words, boolean open, List<MoveField> of) {
        title.setText(MoveKind.title(move));
        Optional<Side> side = MoveKind.side(move);
        title.getStyleClass().setAll("label", "move-title", side.map(Words::of).orElse(Words.of("postures.body")));
        summary.setText(beside(title.getText(), words));
        head.setAccessibleText(title.getText() + ": " + summary.getText());
        getChildren().remove(fields);
        if (open) {
            getChildren().add(fields);
            showFields(of);
        }
    }

    /** {@return what is said of a move, without the name of the limb where that stands before it already} */
    static String beside(String title, String words) {
        boolean named = words.length() > title.length() && words.regionMatches(true, 0, title, 0, title.length());
        return named ? BETWEEN.matcher(words.substring(title.length())).replaceFirst("") : words;
    }

    private void showFields(List<MoveField> of) {
        if (fields.getChildren().size() != 2 * of.size()) {
            build(of);
        }
        for (int i = 0; i < of.size(); i++) {
            update(fields.getChildren().get(2 * i + 1), of.get(i));
        }
    }

    private void build(List<MoveField> of) {
        fields.getChildren().clear();
        for (int i = 0; i < of.size(); i++) {
            Node field = switch (of.get(i)) {
                case MoveField.OneOf one -> new ChoiceField(one.label());
                case MoveField.Line line -> new EntryField(line.label(), line.example(), _ -> false);
            };
            Label label = Texts.of(of.get(i).label(), "field-label");
            GridPane.setValignment(label, VPos.TOP);
            fields.addRow(i, label, field);
        }
    }

    private void update(Node node, MoveField field) {
        switch (field) {
            case MoveField.OneOf one ->
                ((ChoiceField) node)
                        .show(
                                one.words(),
                                one.chosen(),
                                at -> change.accept(one.label(), one.change().apply(at)));
            case MoveField.Line line ->
                ((EntryField) node).show(line.text(), text -> {
                    Optional<Move> changed = line.change().apply(text);
                    changed.ifPresent(move -> change.accept(line.label(), move));
                    return changed.isPresent();
                });
        }
    }

    /** Puts the keyboard into the first field, or onto the line where the row is closed. */
    void focusFirst() {
        fields.getChildren().stream()
                .filter(node -> node instanceof ChoiceField || node instanceof EntryField)
                .findFirst()
                .ifPresentOrElse(
                        node -> (node instanceof EntryField entry ? entry.field() : node).requestFocus(),
                        head::requestFocus);
    }
}
