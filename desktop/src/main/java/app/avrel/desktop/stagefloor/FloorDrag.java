package app.avrel.desktop.stagefloor;

import app.avrel.floor.FloorPoint;
import app.avrel.floor.Heading;
import app.avrel.motion.Pose;
import java.util.Optional;
import javafx.scene.Cursor;
import javafx.scene.input.MouseEvent;

/** What a hand takes hold of on the floor, and drags: a foot, an end of one, the weight. */
final class FloorDrag {

    private final FloorView floor;
    private final Runnable moved;
    private FloorEdits edits = FloorEdits.NONE;
    private Optional<Grip> grip = Optional.empty();
    private Optional<Pose> dragged = Optional.empty();

    /** @param moved draws anew what is dragged */
    FloorDrag(FloorView floor, Runnable moved) {
        this.floor = floor;
        this.moved = moved;
        floor.addEventHandler(MouseEvent.MOUSE_PRESSED, this::press);
        floor.addEventHandler(MouseEvent.MOUSE_DRAGGED, this::drag);
        floor.addEventHandler(MouseEvent.MOUSE_RELEASED, _ -> release());
        floor.addEventHandler(MouseEvent.MOUSE_MOVED, this::hover);
    }

    void edits(FloorEdits newEdits) {
        edits = newEdits;
    }

    /** {@return how one would stand; empty where nothing is dragged} */
    Optional<Pose> pose() {
        return dragged;
    }

    /** {@return what is being dragged to, in words} */
    Optional<String> words(FloorPicture shown) {
        return dragged.map(
                pose -> Grip.words(grip.orElseThrow(), shown.after(), pose, shown.body(), shown.directions()));
    }

    private Optional<Grip> under(MouseEvent event) {
        return edits == FloorEdits.NONE
                ? Optional.empty()
                : floor.shown().flatMap(shown -> Grip.at(place(event, shown), shown.after(), shown.body()));
    }

    private FloorPoint place(MouseEvent event, FloorPicture shown) {
        return floor.scale(shown).place(event.getX(), event.getY());
    }

    private void hover(MouseEvent event) {
        floor.setCursor(under(event).isPresent() ? Cursor.HAND : Cursor.DEFAULT);
    }

    private void press(MouseEvent event) {
        grip = under(event);
        dragged = Optional.empty();
    }

    private void drag(MouseEvent event) {
        Optional<FloorPicture> picture = floor.shown();
        if (grip.isPresent() && picture.isPresent()) {
            FloorPicture shown = picture.get();
            dragged = Optional.of(Grip.dragged(grip.get(), place(event, shown), shown.after(), shown.body()));
            moved.run();
            event.consume();
        }
    }

    private void release() {
        Optional<Pose> done = dragged;
        Optional<Grip> held = grip;
        grip = Optional.empty();
        dragged = Optional.empty();
        if (done.isPresent()) {
            Pose pose = done.get();
            switch (held.orElseThrow()) {
                case Grip.OfFoot foot ->
                    edits.step(foot.side(), pose.foot(foot.side()).heel().value());
                case Grip.OfEnd end ->
                    edits.turn(
                            end.side(),
                            end.on(),
                            Heading.wrapping(
                                    pose.foot(end.side()).heading().value().degrees()));
                case Grip.OfWeight _ -> edits.weight(pose.weight().leastLeft());
            }
            moved.run();
        }
    }
}
