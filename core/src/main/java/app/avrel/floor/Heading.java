package app.avrel.floor;

/**
 * A direction on the floor: degrees clockwise, seen from above, from where the form starts to face.
 *
 * @param degrees at least 0, below 360; 90 is to the starting performer's right
 */
public record Heading(double degrees) {

    /** Where the form starts to face. */
    public static final Heading FRONT = new Heading(0);

    public Heading {
        if (!(degrees >= 0 && degrees < 360)) {
            throw new IllegalArgumentException(
                    "heading must be at least 0 and below 360 degrees, but was " + Numbers.plain(degrees));
        }
        degrees += 0.0; // -0.0 becomes 0.0, so that equal headings are equal
    }

    /** {@return the heading of any finite number of degrees, taken round the circle} */
    public static Heading wrapping(double degrees) {
        if (!Double.isFinite(degrees)) {
            throw new IllegalArgumentException("heading must be a finite number of degrees, but was " + degrees);
        }
        double rest = degrees % 360;
        double wrapped = rest < 0 ? rest + 360 : rest;
        return new Heading(wrapped >= 360 ? 0 : wrapped);
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
        double clockwise = wrapping(target.degrees - degrees).degrees();
        return new Turn(
                switch (way) {
                    case RIGHT -> clockwise;
                    case LEFT -> clockwise == 0 ? 0 : clockwise - 360;
                    case SHORTER -> clockwise > 180 ? clockwise - 360 : clockwise;
                });
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
        double radians = Math.toRadians(degrees);
        return new FloorVector(metres * Math.sin(radians), metres * Math.cos(radians));
    }

    /** {@return the direction a quarter turn to the right of this} */
    public Heading right() {
        return wrapping(degrees + 90);
    }
}
