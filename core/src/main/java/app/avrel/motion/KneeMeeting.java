package app.avrel.motion;

import app.avrel.body.Body;
import app.avrel.body.Side;
import java.util.Optional;

/**
 * At which depth a crossed rest closes: the knee of the rear leg meets the calf of the other.
 *
 * <p>How legs bend is not known here; who measures legs tells it.
 */
@FunctionalInterface
public interface KneeMeeting {

    /**
     * {@return metres below standing at which they first meet, the feet as they stand in {@code pose}; empty where they
     * meet at no depth, or where a place is not known}
     *
     * @param knee whose knee it is; of the leg behind where empty
     */
    Optional<Double> drop(Pose pose, Optional<Side> knee, Body body);
}
