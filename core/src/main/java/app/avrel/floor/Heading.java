package app.avrel.floor;

/**
 * A direction in the hall: degrees clockwise, seen from above, from where the form starts to face. Inside a posture
 * directions are {@link Bearing}s.
 *
 * @param degrees at least 0, below 360; 90 is to the starting performer's right
 */
public record Heading(double degrees) {

    /** Where the form starts to face. */
    public static final Heading FRONT = new Heading(0);

    public Heading {
        degrees = Circle.checked("heading", degrees);
    }

    /** {@return the heading of any finite number of degrees, taken round the circle} */
    public static Heading wrapping(double degrees) {
        return new Heading(Circle.wrapped("heading", degrees));
    }

    /** {@return the heading reached from the front by {@code turn}; whole turns drop out} */
    public static Heading from(Turn turn) {
        return wrapping(turn.degrees());
    }

    /** {@return this heading after {@code turn}} */
    public Heading plus(Turn turn) {
        return wrapping(degrees + turn.degrees());
    }

    /** {@return the turn from here to {@code target}, going round the given way} */
    public Turn turnTo(Heading target, Way way) {
        return Circle.turn(degrees, target.degrees, way);
    }

    /** {@return the shorter turn from here to {@code target}; half a turn counts as to the right} */
    public Turn turnTo(Heading target) {
        return turnTo(target, Way.SHORTER);
    }

    /** {@return how far apart the two are, 0 to 180 degrees} */
    public double degreesFrom(Heading other) {
        return Math.abs(turnTo(other).degrees());
    }

    /** {@return the same direction seen in a mirror whose plane is the front direction} */
    public Heading mirrored() {
        return wrapping(-degrees);
    }

    /** {@return a step of the given length in this direction} */
    public FloorVector vector(double metres) {
        return Circle.vector(degrees, metres);
    }

    /** {@return the direction a quarter turn to the right of this} */
    public Heading right() {
        return wrapping(degrees + 90);
    }

    /** {@return where a bearing points for a posture whose front faces this way} */
    public Heading of(Bearing bearing) {
        return wrapping(degrees + bearing.degrees());
    }

    /** {@return this direction as it counts from the front of a posture that faces {@code front}} */
    public Bearing from(Heading front) {
        return Bearing.wrapping(degrees - front.degrees());
    }
}
