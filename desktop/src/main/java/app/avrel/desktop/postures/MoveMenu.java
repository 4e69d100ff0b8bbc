package app.avrel.desktop.postures;

import app.avrel.desktop.parts.Tips;
import java.util.EnumMap;
import java.util.Map;
import java.util.function.Consumer;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;

/** The menu of moves that can be added. */
final class MoveMenu extends MenuButton {

    /**
     * A menu of every kind of move.
     *
     * @param words on the button
     * @param says what it does, as a tip
     * @param action is told the kind that was chosen
     */
    MoveMenu(String words, String says, Consumer<MoveKind> action) {
        super(words);
        getStyleClass().addAll("flat", "word-button");
        Tips.give(this, says);
        fill(action);
    }

    /** What is used most stands by itself, the rest by the part of the body that moves. */
    private void fill(Consumer<MoveKind> action) {
        Map<MoveKind.Group, Menu> groups = new EnumMap<>(MoveKind.Group.class);
        for (MoveKind kind : MoveKind.values()) {
            MenuItem item = item(kind, () -> action.accept(kind));
            if (kind.group() == MoveKind.Group.OFTEN) {
                getItems().add(item);
            } else {
                groups.computeIfAbsent(kind.group(), group -> new Menu(group.label()))
                        .getItems()
                        .add(item);
            }
        }
        getItems().addAll(groups.values());
    }

    private static MenuItem item(MoveKind kind, Runnable action) {
        MenuItem item = new MenuItem(kind.label());
        item.setOnAction(_ -> action.run());
        return item;
    }

    void open() {
        requestFocus();
        show();
    }
}
