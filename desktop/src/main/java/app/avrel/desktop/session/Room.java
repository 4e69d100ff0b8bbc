package app.avrel.desktop.session;

import java.util.List;
import javafx.scene.Node;

/** A room of the window. */
public interface Room {

    Node node();

    /** Shows what is on the desk. */
    void show(Desk desk);

    /** {@return what can be done here by key} */
    List<Command> commands();
}
