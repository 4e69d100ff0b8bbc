package app.avrel.desktop.session;

import java.util.List;
import java.util.Objects;
import java.util.stream.Stream;
import javafx.scene.Node;
import javafx.scene.control.ComboBoxBase;

/** A room of the window. */
public interface Room {

    Node node();

    /** Shows what is on the desk. */
    void show(Desk desk);

    /** {@return what can be done here by key} */
    List<Command> commands();

    /** Puts the keyboard where one begins here: on the first list, where the room has nothing to type into. */
    default void begin() {
        node().lookupAll(".list-view").stream()
                .filter(list -> list.isFocusTraversable() && !ofChoice(list))
                .findFirst()
                .ifPresent(Node::requestFocus);
    }

    /** A choice keeps the list that it opens inside itself; letters typed there would choose. */
    private static boolean ofChoice(Node list) {
        return Stream.iterate(list.getParent(), Objects::nonNull, Node::getParent)
                .anyMatch(ComboBoxBase.class::isInstance);
    }
}
