package app.avrel.posture.move;

import app.avrel.floor.Direction;
import app.avrel.floor.Numbers;

/** Where the toes point after a step or a turn of the foot. */
public sealed interface Toes {

    /**
     * Turned from where they are.
     *
     * @param degreesOut away from the body's middle is positive, -180 to 180
     */
    record Turned(double degreesOut) implements Toes {
        public Turned {
            Toes.check("turn of the toes", degreesOut);
            degreesOut = Numbers.hundredths(degreesOut);
        }
    }

    /** Turned from where they are by some amount that is not said. */
    record TurnedSome(Way way) implements Toes {

        /** Away from the body's middle, or toward it. */
        public enum Way {
            OUT,
            IN
        }
    }

    /**
     * A target against the pelvis at the end of the stage.
     *
     * @param degreesOut away from the body's middle is positive, -180 to 180
     */
    record AgainstPelvis(double degreesOut) implements Toes {
        public AgainstPelvis {
            Toes.check("toes against the pelvis", degreesOut);
            degreesOut = Numbers.hundredths(degreesOut);
        }
    }

    /** Pointing in a direction. */
    record Toward(Direction direction) implements Toes {}

    /** Out as far as the hip goes, by the house rules' range. */
    record OutAsFarAsTheyGo() implements Toes {}

    /** In as far as the hip goes, by the house rules' range. */
    record InAsFarAsTheyGo() implements Toes {}

    private static void check(String what, double degrees) {
        if (!(degrees >= -180 && degrees <= 180)) {
            throw new IllegalArgumentException(what + " must be -180 to 180 degrees, but was " + degrees);
        }
    }
}
