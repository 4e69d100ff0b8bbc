package app.avrel.desktop.parts;

import java.util.function.DoubleUnaryOperator;
import javafx.beans.property.DoubleProperty;
import javafx.beans.property.SimpleDoubleProperty;
import javafx.geometry.Orientation;
import javafx.geometry.Point2D;
import javafx.scene.AccessibleRole;
import javafx.scene.Cursor;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.Region;

/**
 * The line between two views, which can be taken hold of with the mouse or moved with the arrow keys; a double click
 * puts it back. Its owner lays it out.
 *
 * <p>Its id is its name where its place is remembered.
 */
public final class Divider extends Region {

    /** How wide it is to take hold of, in pixels. */
    static final double WIDTH = 7;

    private static final double STEP = 0.04;

    private final DoubleProperty place;
    private final Orientation line;
    private final double first;
    private final double least;
    private final double most;
    private final DoubleUnaryOperator placeAt;

    /**
     * A divider.
     *
     * @param line which way the line itself runs
     * @param first where it stands at first, in its owner's measure
     * @param least the least it may be moved to, and {@code most} the most
     * @param placeAt the owner's measure for a place across it, in pixels
     */
    public Divider(String id, Orientation line, double first, double least, double most, DoubleUnaryOperator placeAt) {
        this.line = line;
        this.first = first;
        this.least = least;
        this.most = most;
        this.placeAt = placeAt;
        place = new SimpleDoubleProperty(this, "place", first);
        setId(id);
        getStyleClass().add("divider");
        setCursor(line == Orientation.VERTICAL ? Cursor.H_RESIZE : Cursor.V_RESIZE);
        setAccessibleRole(AccessibleRole.THUMB);
        setFocusTraversable(true);
        setManaged(false);
        addEventHandler(MouseEvent.MOUSE_PRESSED, this::press);
        addEventHandler(MouseEvent.MOUSE_DRAGGED, this::drag);
        addEventHandler(KeyEvent.KEY_PRESSED, this::key);
    }

    /** {@return where it stands, in its owner's measure} */
    public double place() {
        return place.get();
    }

    /** Moves it, within its bounds; what is no number changes nothing. */
    public void place(double wanted) {
        if (Double.isFinite(wanted)) {
            place.set(Math.clamp(wanted, least, most));
        }
    }

    public DoubleProperty placeProperty() {
        return place;
    }

    private void press(MouseEvent event) {
        requestFocus();
        if (event.getClickCount() == 2) {
            place(first);
        }
        event.consume();
    }

    private void drag(MouseEvent event) {
        Point2D at = getParent().sceneToLocal(event.getSceneX(), event.getSceneY());
        place(placeAt.applyAsDouble(line == Orientation.VERTICAL ? at.getX() : at.getY()));
        event.consume();
    }

    private void key(KeyEvent event) {
        int by = switch (event.getCode()) {
            case LEFT -> line == Orientation.VERTICAL ? -1 : 0;
            case RIGHT -> line == Orientation.VERTICAL ? 1 : 0;
            case UP -> line == Orientation.HORIZONTAL ? -1 : 0;
            case DOWN -> line == Orientation.HORIZONTAL ? 1 : 0;
            default -> 0;
        };
        if (by != 0 && !event.isShortcutDown() && !event.isAltDown()) {
            boolean vertical = line == Orientation.VERTICAL;
            double now = vertical ? getLayoutX() + getWidth() / 2 : getLayoutY() + getHeight() / 2;
            double all = vertical
                    ? getParent().getLayoutBounds().getWidth()
                    : getParent().getLayoutBounds().getHeight();
            place(placeAt.applyAsDouble(now + by * STEP * all));
            event.consume();
        }
    }
}
