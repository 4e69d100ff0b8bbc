package app.avrel.desktop.session;

import java.util.List;
import java.util.Optional;
import javafx.scene.Node;

/** A room of the window. */
public interface Room {

    Node node();

    /** Shows what is on the desk. */
    void show(Desk desk);

    /** {@return what can be done here by key} */
    List<Command> commands();

    /** Puts the keyboard where one begins here: on the first list, where the room has nothing to type into. */
    default void begin() {
        Optional.ofNullable(node().lookup(".list-view")).ifPresent(Node::requestFocus);
    }
}
