package app.avrel.floor;

/** Degrees round the circle, in the one place where they wrap and where they become metres. */
final class Circle {

    private Circle() {}

    /** {@return at least 0 and below 360, without a negative zero} */
    static double checked(String what, double degrees) {
        if (!(degrees >= 0 && degrees < 360)) {
            throw new IllegalArgumentException(
                    what + " must be at least 0 and below 360 degrees, but was " + Numbers.plain(degrees));
        }
        return degrees + 0.0;
    }

    /** {@return any finite number of degrees, taken round the circle} */
    static double wrapped(String what, double degrees) {
        if (!Double.isFinite(degrees)) {
            throw new IllegalArgumentException(what + " must be a finite number of degrees, but was " + degrees);
        }
        double rest = degrees % 360;
        double wrapped = rest < 0 ? rest + 360 : rest;
        return wrapped >= 360 ? 0 : wrapped;
    }

    /** {@return the turn from one to another, going round the given way} */
    static Turn turn(double from, double to, Way way) {
        double clockwise = wrapped("turn", to - from);
        return new Turn(
                switch (way) {
                    case RIGHT -> clockwise;
                    case LEFT -> clockwise == 0 ? 0 : clockwise - 360;
                    case SHORTER -> clockwise > 180 ? clockwise - 360 : clockwise;
                });
    }

    static FloorVector vector(double degrees, double metres) {
        double radians = Math.toRadians(degrees);
        return new FloorVector(metres * Math.sin(radians), metres * Math.cos(radians));
    }

    static double along(FloorVector way, double degrees) {
        double radians = Math.toRadians(degrees);
        return way.right() * Math.sin(radians) + way.ahead() * Math.cos(radians);
    }

    static double of(FloorVector way) {
        return Math.toDegrees(Math.atan2(way.right(), way.ahead()));
    }
}
