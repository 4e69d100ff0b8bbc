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
 * @param all every pose of the posture, so that the picture stands still while one goes through it
 */
public record FloorPicture(Pose before, Pose after, List<Pose> all, Body body, Directions directions) {}
