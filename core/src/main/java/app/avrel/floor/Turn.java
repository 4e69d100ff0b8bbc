package app.avrel.floor;

/**
 * A difference of direction that keeps its way round and its whole turns.
 *
 * @param degrees clockwise positive (to the right), any finite number
 */
public record Turn(double degrees) {

    public static final Turn NONE = new Turn(0);

    public Turn {
        if (!Double.isFinite(degrees)) {
            throw new IllegalArgumentException("turn must be a finite number of degrees, but was " + degrees);
        }
        degrees += 0.0;
    }

    public static Turn right(double degrees) {
        return new Turn(degrees);
    }

    public static Turn left(double degrees) {
        return new Turn(-degrees);
    }

    public Turn plus(Turn other) {
        return new Turn(degrees + other.degrees);
    }

    public Turn minus(Turn other) {
        return new Turn(degrees - other.degrees);
    }

    /** {@return the same turn the other way round} */
    public Turn mirrored() {
        return new Turn(-degrees);
    }

    /** {@return the size of the turn, whole turns included} */
    public double size() {
        return Math.abs(degrees);
    }
}
