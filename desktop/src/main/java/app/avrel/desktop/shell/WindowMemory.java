package app.avrel.desktop.shell;

import app.avrel.desktop.parts.Divider;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import javafx.geometry.Rectangle2D;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.stage.Screen;
import javafx.stage.Stage;

/** The window as it was left: its place and size, and where its dividers stand. */
final class WindowMemory {

    /** Pixels of the window that must be on a screen for its place to be taken again. */
    private static final double SEEN = 120;

    private final Preferences preferences;
    private final Map<String, Object> moved = new HashMap<>();

    WindowMemory(Preferences preferences) {
        this.preferences = preferences;
    }

    /** Puts the window where it was; where that is on no screen any more, it stays where the system puts it. */
    void place(Stage stage) {
        preferences.number("window.width").ifPresent(stage::setWidth);
        preferences.number("window.height").ifPresent(stage::setHeight);
        OptionalDouble x = preferences.number("window.x");
        OptionalDouble y = preferences.number("window.y");
        if (x.isPresent() && y.isPresent() && onScreen(x.getAsDouble(), y.getAsDouble())) {
            stage.setX(x.getAsDouble());
            stage.setY(y.getAsDouble());
        }
        stage.setMaximized(Boolean.parseBoolean(preferences.words("window.maximized")));
    }

    /** {@return the room it was left in} */
    Optional<RoomName> room() {
        String left = preferences.words("window.room");
        return Stream.of(RoomName.values())
                .filter(name -> name.name().equals(left))
                .findFirst();
    }

    private static boolean onScreen(double x, double y) {
        Rectangle2D corner = new Rectangle2D(x, y, SEEN, SEEN);
        return Screen.getScreens().stream()
                .anyMatch(screen -> screen.getVisualBounds().intersects(corner));
    }

    /** Puts the dividers of a room where they were, and remembers where they are moved. */
    void dividers(Node room) {
        if (room instanceof Divider divider) {
            String name = "divider." + divider.getId();
            preferences.number(name).ifPresent(divider::place);
            divider.placeProperty().addListener((_, _, place) -> moved.put(name, place));
        } else if (room instanceof Parent parent) {
            parent.getChildrenUnmodifiable().forEach(this::dividers);
        }
    }

    /** Keeps all of it. */
    void keep(Stage stage, RoomName room) {
        Map<String, Object> all = new HashMap<>(moved);
        all.put("window.maximized", stage.isMaximized());
        all.put("window.room", room.name());
        if (!stage.isMaximized() && !stage.isFullScreen() && !stage.isIconified()) {
            all.put("window.x", stage.getX());
            all.put("window.y", stage.getY());
            all.put("window.width", stage.getWidth());
            all.put("window.height", stage.getHeight());
        }
        preferences.keep(all);
    }
}
