package app.avrel.floor;

/**
 * A place on the floor.
 *
 * @param right metres to the right of the origin
 * @param ahead metres ahead of the origin
 */
public record FloorPoint(double right, double ahead) {

    public static final FloorPoint ORIGIN = new FloorPoint(0, 0);

    public FloorPoint {
        if (!(Double.isFinite(right) && Double.isFinite(ahead))) {
            throw new IllegalArgumentException("a place needs finite metres, but was " + right + ", " + ahead);
        }
    }

    public FloorPoint plus(FloorVector step) {
        return new FloorPoint(right + step.right(), ahead + step.ahead());
    }

    /** {@return the way from {@code origin} to here} */
    public FloorVector minus(FloorPoint origin) {
        return new FloorVector(right - origin.right, ahead - origin.ahead);
    }

    /** {@return this point carried round {@code centre}} */
    public FloorPoint turned(FloorPoint centre, Turn turn) {
        return centre.plus(minus(centre).turned(turn));
    }

    public double distance(FloorPoint other) {
        return minus(other).length();
    }

    /** {@return the point at {@code share} of the way from here to {@code other}} */
    public FloorPoint towards(FloorPoint other, double share) {
        return plus(other.minus(this).times(share));
    }
}
