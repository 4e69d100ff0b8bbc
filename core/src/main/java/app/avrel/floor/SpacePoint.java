package app.avrel.floor;

/**
 * A place, or a way, in the hall: metres to the right and ahead of where the form starts, and up from the floor.
 *
 * @param right metres, finite
 * @param ahead metres, finite
 * @param up metres, finite
 */
public record SpacePoint(double right, double ahead, double up) {

    public static final SpacePoint UP = new SpacePoint(0, 0, 1);

    public SpacePoint {
        if (!(Double.isFinite(right) && Double.isFinite(ahead) && Double.isFinite(up))) {
            throw new IllegalArgumentException(
                    "a place must be finite metres, but was " + right + ", " + ahead + ", " + up);
        }
    }

    public static SpacePoint over(FloorPoint point, double up) {
        return new SpacePoint(point.right(), point.ahead(), up);
    }

    /** {@return the way one metre along a heading, level} */
    public static SpacePoint along(double degrees) {
        double radians = Math.toRadians(degrees);
        return new SpacePoint(Math.sin(radians), Math.cos(radians), 0);
    }

    public FloorPoint floor() {
        return new FloorPoint(right, ahead);
    }

    public SpacePoint plus(SpacePoint other) {
        return new SpacePoint(right + other.right, ahead + other.ahead, up + other.up);
    }

    public SpacePoint minus(SpacePoint other) {
        return new SpacePoint(right - other.right, ahead - other.ahead, up - other.up);
    }

    public SpacePoint times(double factor) {
        return new SpacePoint(right * factor, ahead * factor, up * factor);
    }

    public double dot(SpacePoint other) {
        return right * other.right + ahead * other.ahead + up * other.up;
    }

    public SpacePoint cross(SpacePoint other) {
        return new SpacePoint(
                ahead * other.up - up * other.ahead,
                up * other.right - right * other.up,
                right * other.ahead - ahead * other.right);
    }

    public double length() {
        return Math.sqrt(dot(this));
    }

    public double distance(SpacePoint other) {
        return minus(other).length();
    }

    /** {@return this way one metre long; {@code otherwise} where it has no length} */
    public SpacePoint unit(SpacePoint otherwise) {
        double length = length();
        return length < 1e-9 ? otherwise : times(1 / length);
    }

    /** {@return this way without its part along a unit way} */
    public SpacePoint across(SpacePoint unit) {
        return minus(unit.times(dot(unit)));
    }

    /** {@return the place a share of the way from here to {@code other}} */
    public SpacePoint towards(SpacePoint other, double share) {
        return plus(other.minus(this).times(share));
    }

    /** {@return this carried round the upright axis through the origin, clockwise seen from above} */
    public SpacePoint turned(double degrees) {
        double radians = Math.toRadians(degrees);
        double cos = Math.cos(radians);
        double sin = Math.sin(radians);
        return new SpacePoint(right * cos + ahead * sin, ahead * cos - right * sin, up);
    }
}
