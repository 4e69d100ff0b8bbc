package app.avrel.desktop.session;

import java.util.List;
import java.util.function.Supplier;
import javafx.scene.Node;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.MenuItem;
import javafx.scene.input.ContextMenuEvent;

/** The commands for what is under the pointer, asked for with the right button or the menu key. */
public final class CommandMenu {

    private CommandMenu() {}

    /** Gives a node a menu; its commands are asked for when it opens. */
    public static void give(Node node, Supplier<List<Command>> commands) {
        node.addEventHandler(ContextMenuEvent.CONTEXT_MENU_REQUESTED, event -> {
            of(commands.get()).show(node, event.getScreenX(), event.getScreenY());
            event.consume();
        });
    }

    /** {@return a menu of commands, each with its key} */
    static ContextMenu of(List<Command> commands) {
        ContextMenu menu = new ContextMenu();
        for (Command command : commands) {
            MenuItem item = new MenuItem(command.name());
            item.setMnemonicParsing(false);
            item.setAccelerator(command.key());
            item.setOnAction(_ -> command.action().run());
            menu.getItems().add(item);
        }
        menu.setAutoHide(true);
        return menu;
    }
}
