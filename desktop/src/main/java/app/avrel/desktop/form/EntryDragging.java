package app.avrel.desktop.form;

import app.avrel.form.FormPlace;
import java.util.Optional;
import java.util.function.BiConsumer;
import javafx.css.PseudoClass;
import javafx.geometry.Side;
import javafx.scene.input.ClipboardContent;
import javafx.scene.input.DragEvent;
import javafx.scene.input.Dragboard;
import javafx.scene.input.MouseEvent;
import javafx.scene.input.TransferMode;

/** Dragging the chosen entries up and down the list; with Ctrl they are copied. A line shows where they would go. */
final class EntryDragging {

    private static final PseudoClass ABOVE = PseudoClass.getPseudoClass("drop-above");
    private static final PseudoClass BELOW = PseudoClass.getPseudoClass("drop-below");

    /** What the list offers to drop on. */
    interface Places {

        /** {@return the place before or after a line; empty where nothing can stand} */
        Optional<FormPlace> beside(EntryLine line, Side side);
    }

    private final Places places;
    private final BiConsumer<FormPlace, TransferMode> drop;

    EntryDragging(Places places, BiConsumer<FormPlace, TransferMode> drop) {
        this.places = places;
        this.drop = drop;
    }

    void on(EntryCell cell) {
        keepStretch(cell);
        cell.setOnDragDetected(event -> {
            if (cell.getItem() instanceof EntryLine.Of of) {
                Dragboard board = cell.startDragAndDrop(event.isShortcutDown() ? TransferMode.COPY : TransferMode.MOVE);
                ClipboardContent content = new ClipboardContent();
                content.putString(of.name());
                board.setContent(content);
                event.consume();
            }
        });
        cell.setOnDragOver(event -> {
            boolean can = place(cell, event).isPresent();
            if (can) {
                event.acceptTransferModes(TransferMode.COPY_OR_MOVE);
                mark(cell, Optional.of(side(cell, event)));
            }
            event.consume();
        });
        cell.setOnDragExited(_ -> mark(cell, Optional.empty()));
        cell.setOnDragDropped(event -> {
            place(cell, event).ifPresent(to -> drop.accept(to, event.getTransferMode()));
            event.setDropCompleted(true);
            event.consume();
        });
    }

    /** Pressing on one of several chosen entries keeps them all, so that they can be dragged; a mere click chooses it alone. */
    private static void keepStretch(EntryCell cell) {
        cell.addEventFilter(MouseEvent.MOUSE_PRESSED, event -> {
            boolean plain = !event.isShortcutDown() && !event.isShiftDown();
            boolean several =
                    cell.getListView().getSelectionModel().getSelectedIndices().size() > 1;
            if (plain && several && cell.isSelected()) {
                cell.getListView().requestFocus();
                event.consume();
            }
        });
        cell.addEventFilter(MouseEvent.MOUSE_CLICKED, event -> {
            boolean plain = !event.isShortcutDown() && !event.isShiftDown();
            if (plain && event.isStillSincePress() && !cell.isEmpty()) {
                cell.getListView().getSelectionModel().clearAndSelect(cell.getIndex());
            }
        });
    }

    private Optional<FormPlace> place(EntryCell cell, DragEvent event) {
        boolean fromList = event.getGestureSource() instanceof EntryCell;
        return fromList && cell.getItem() != null ? places.beside(cell.getItem(), side(cell, event)) : Optional.empty();
    }

    private static Side side(EntryCell cell, DragEvent event) {
        return event.getY() < cell.getHeight() / 2 ? Side.TOP : Side.BOTTOM;
    }

    private static void mark(EntryCell cell, Optional<Side> side) {
        cell.pseudoClassStateChanged(ABOVE, side.equals(Optional.of(Side.TOP)));
        cell.pseudoClassStateChanged(BELOW, side.equals(Optional.of(Side.BOTTOM)));
    }
}
