package app.avrel.posture.hand;

import app.avrel.floor.Direction;
import app.avrel.floor.Numbers;

/** Where a hand is across the body. */
public sealed interface Sideways {

    Sideways OWN_SIDE = new Across(1);
    Sideways CENTRE = new Across(0);
    Sideways OTHER_SIDE = new Across(-0.9);
    Sideways BEYOND = new Across(1.5);

    /**
     * Between the shoulders and beyond.
     *
     * @param shoulderHalves from the centre line toward the hand's own side, -2 to 3; 1 is before the own shoulder
     */
    record Across(double shoulderHalves) implements Sideways {
        public Across {
            if (!(shoulderHalves >= -2 && shoulderHalves <= 3)) {
                throw new IllegalArgumentException(
                        "sideways place must be -2 to 3 shoulder halves, but was " + shoulderHalves);
            }
            shoulderHalves = Numbers.hundredths(shoulderHalves);
        }
    }

    /** In a direction from the shoulder. */
    record Toward(Direction direction) implements Sideways {}
}
