package app.avrel.desktop.shell;

import app.avrel.desktop.session.Room;
import app.avrel.desktop.session.Session;
import java.util.function.BooleanSupplier;
import java.util.function.Supplier;
import javafx.application.Platform;
import javafx.beans.value.ChangeListener;

/** Puts the keyboard where one begins in a room: when the window opens, with another project, on entering by key. */
final class Beginning {

    private final Session session;
    private final Supplier<Room> room;
    private final BooleanSupplier bare;
    private final ChangeListener<Number> beginner = (_, _, _) -> begin();

    /** @param bare whether nothing lies over the room */
    Beginning(Session session, Supplier<Room> room, BooleanSupplier bare) {
        this.session = session;
        this.room = room;
        this.bare = bare;
        session.begun().addListener(beginner);
    }

    void begin() {
        Platform.runLater(() -> {
            if (bare.getAsBoolean()) {
                room.get().begin();
            }
        });
    }

    void dispose() {
        session.begun().removeListener(beginner);
    }
}
