package app.avrel.posture.move;

import app.avrel.body.Side;
import app.avrel.floor.Bearing;
import app.avrel.floor.Turn;
import app.avrel.floor.Way;

/** How far the body turns. */
public sealed interface Turning {

    /** By an angle; to the right is positive. */
    record By(Turn turn) implements Turning {}

    /** By an angle between two, both to the same side. */
    record Between(Turn least, Turn most) implements Turning {
        public Between {
            if (least.degrees() * most.degrees() < 0) {
                throw new IllegalArgumentException("a turn between two angles must go to one side, but was "
                        + least.degrees() + " to " + most.degrees());
            }
        }
    }

    /** To a side, by how much is not said. */
    record Some(Side to) implements Turning {}

    /** To a bearing of the posture, going round the given way. */
    record To(Bearing heading, Way way) implements Turning {}
}
