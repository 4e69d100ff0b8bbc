package app.avrel.motion;

import app.avrel.floor.Bearing;

/**
 * How the trunk inclines.
 *
 * @param degrees from the upright, 0 to 60
 * @param toward the bearing
 */
public record Lean(int degrees, Bearing toward) {

    public static final Lean UPRIGHT = new Lean(0, Bearing.FRONT);

    public Lean {
        if (degrees < 0 || degrees > 60) {
            throw new IllegalArgumentException("incline must be 0 to 60 degrees, but was " + degrees);
        }
    }
}
