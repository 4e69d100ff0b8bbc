package app.avrel.desktop.parts;

import javafx.geometry.VPos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Priority;

/** Labels to the left, fields to the right, with headings between. */
public final class FieldGrid extends GridPane {

    private int rows;

    public FieldGrid() {
        getStyleClass().add("field-grid");
        ColumnConstraints second = new ColumnConstraints();
        second.setHgrow(Priority.ALWAYS);
        getColumnConstraints().addAll(new ColumnConstraints(), second);
    }

    /** Adds a heading over what follows. */
    public void section(String words) {
        add(Texts.of(words, "section"), 0, rows++, 2, 1);
    }

    /** {@return a line to type in, added with its label} */
    public EntryField line(String label, String example) {
        EntryField field = new EntryField(label, example, _ -> false);
        node(label, field);
        return field;
    }

    /** {@return a choice, added with its label} */
    public ChoiceField choice(String label) {
        ChoiceField field = new ChoiceField(label);
        node(label, field);
        return field;
    }

    /** Adds any node with a label. */
    public void node(String label, Node node) {
        labelled(label, node);
    }

    /** {@return the label of a node that is added with it} */
    public Label labelled(String label, Node node) {
        Label words = Texts.of(label, "field-label");
        setValignment(words, VPos.TOP);
        addRow(rows++, words, node);
        return words;
    }

    /** Adds a node over the whole width. */
    public void wide(Node node) {
        add(node, 0, rows++, 2, 1);
    }
}
