package app.avrel.desktop.shell;

import app.avrel.desktop.session.Room;
import java.util.EnumMap;
import java.util.Map;
import java.util.Objects;
import java.util.function.Supplier;

/** The rooms of the window; each is built when it is first entered. */
final class Rooms {

    private final Map<RoomName, Room> built = new EnumMap<>(RoomName.class);
    private final Map<RoomName, Supplier<Room>> builders = new EnumMap<>(RoomName.class);
    private final WindowMemory memory;

    /** @param memory knows where the dividers of each room were left */
    Rooms(WindowMemory memory) {
        this.memory = memory;
    }

    /** Says how a room is built. */
    void build(RoomName name, Supplier<Room> builder) {
        builders.put(name, builder);
    }

    /** {@return a room, built where it was not entered before} */
    Room entered(RoomName name) {
        return built.computeIfAbsent(name, this::made);
    }

    private Room made(RoomName name) {
        Room room = Objects.requireNonNull(builders.get(name)).get();
        memory.dividers(room.node());
        return room;
    }

    /** {@return a room that was entered before} */
    Room built(RoomName name) {
        return Objects.requireNonNull(built.get(name));
    }

    /** Puts all rooms away: they are built anew when they are entered. */
    void clear() {
        built.clear();
    }
}
