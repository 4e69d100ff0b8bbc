package app.avrel.posture.move;

import app.avrel.floor.Bearing;
import app.avrel.floor.Turn;
import app.avrel.floor.Way;

/** How far the body turns. */
public sealed interface Turning {

    /** By an angle; to the right is positive. */
    record By(Turn turn) implements Turning {}

    /** To a heading of the posture, going round the given way. */
    record To(Bearing heading, Way way) implements Turning {}
}
