package app.avrel.desktop.parts;

import java.util.List;
import java.util.function.Supplier;
import javafx.scene.Node;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.MenuItem;
import javafx.scene.input.ContextMenuEvent;

/** What can be done with what is under the pointer, asked for with the right button or the menu key. */
public final class PointerMenu {

    private PointerMenu() {}

    /** Gives a node a menu; its items are asked for when it opens. */
    public static void give(Node node, Supplier<List<MenuItem>> items) {
        node.addEventHandler(ContextMenuEvent.CONTEXT_MENU_REQUESTED, event -> {
            ContextMenu menu = new ContextMenu();
            menu.getItems().setAll(items.get());
            menu.setAutoHide(true);
            menu.show(node, event.getScreenX(), event.getScreenY());
            event.consume();
        });
    }
}
