package app.avrel.floor;

/**
 * The way from one place on the floor to another.
 *
 * @param right metres to the right
 * @param ahead metres ahead
 */
public record FloorVector(double right, double ahead) {

    public static final FloorVector ZERO = new FloorVector(0, 0);

    public FloorVector plus(FloorVector other) {
        return new FloorVector(right + other.right, ahead + other.ahead);
    }

    public FloorVector times(double factor) {
        return new FloorVector(right * factor, ahead * factor);
    }

    /** {@return how far this goes along a direction, in metres; negative against it} */
    public double along(Heading heading) {
        return Circle.along(this, heading.degrees());
    }

    /** {@return how far this goes along a direction, in metres; negative against it} */
    public double along(Bearing bearing) {
        return Circle.along(this, bearing.degrees());
    }

    public FloorVector turned(Turn turn) {
        double radians = Math.toRadians(turn.degrees());
        double cos = Math.cos(radians);
        double sin = Math.sin(radians);
        return new FloorVector(right * cos + ahead * sin, ahead * cos - right * sin);
    }

    public double length() {
        return Math.sqrt(right * right + ahead * ahead);
    }

    /** {@return the direction this goes; the front when it goes nowhere} */
    public Heading heading() {
        return Heading.wrapping(Circle.of(this));
    }

    /** {@return the direction this goes, from a posture's own front; the front when it goes nowhere} */
    public Bearing bearing() {
        return Bearing.wrapping(Circle.of(this));
    }
}
