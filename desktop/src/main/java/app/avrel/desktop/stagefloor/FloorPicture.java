package app.avrel.desktop.stagefloor;

import app.avrel.body.Body;
import app.avrel.floor.Directions;
import app.avrel.motion.Pose;
import java.util.List;

/**
 * What the floor shows.
 *
 * @param before where the feet were when the count began
 * @param after where they are when it ends
 * @param all every pose there must be room for
 * @param recorded whether it is in the record; what is only typed is framed in dashes
 */
public record FloorPicture(
        Pose before, Pose after, List<Pose> all, Body body, Directions directions, boolean recorded) {

    /** {@return the same with other feet at its end} */
    FloorPicture withAfter(Pose pose) {
        return new FloorPicture(before, pose, all, body, directions, recorded);
    }
}
