package app.avrel.floor;

/**
 * A direction counted from a posture's own front: degrees clockwise, seen from above. Where that front faces in the hall
 * is not known here; a placement makes a {@link Heading} of it.
 *
 * @param degrees at least 0, below 360; 0 is where the recorded start faces, 90 is to its right
 */
public record Bearing(double degrees) {

    /** Where the posture starts to face. */
    public static final Bearing FRONT = new Bearing(0);

    public Bearing {
        degrees = Circle.checked("bearing", degrees);
    }

    /** {@return the bearing of any finite number of degrees, taken round the circle} */
    public static Bearing wrapping(double degrees) {
        return new Bearing(Circle.wrapped("bearing", degrees));
    }

    /** {@return the bearing reached from the front by {@code turn}; whole turns drop out} */
    public static Bearing from(Turn turn) {
        return wrapping(turn.degrees());
    }

    /** {@return this bearing after {@code turn}} */
    public Bearing plus(Turn turn) {
        return wrapping(degrees + turn.degrees());
    }

    /** {@return the turn from here to {@code target}, going round the given way} */
    public Turn turnTo(Bearing target, Way way) {
        return Circle.turn(degrees, target.degrees, way);
    }

    /** {@return the shorter turn from here to {@code target}; half a turn counts as to the right} */
    public Turn turnTo(Bearing target) {
        return turnTo(target, Way.SHORTER);
    }

    /** {@return how far apart the two are, 0 to 180 degrees} */
    public double degreesFrom(Bearing other) {
        return Math.abs(turnTo(other).degrees());
    }

    /** {@return the same direction seen in a mirror whose plane is the front direction} */
    public Bearing mirrored() {
        return wrapping(-degrees);
    }

    /** {@return a step of the given length in this direction} */
    public FloorVector vector(double metres) {
        return Circle.vector(degrees, metres);
    }

    /** {@return the direction a quarter turn to the right of this} */
    public Bearing right() {
        return wrapping(degrees + 90);
    }
}
