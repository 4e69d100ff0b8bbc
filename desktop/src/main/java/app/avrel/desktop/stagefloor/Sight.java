package app.avrel.desktop.stagefloor;

import app.avrel.floor.FloorPoint;
import app.avrel.floor.FloorVector;

/**
 * How near one looks at a floor, and where: the whole at first.
 *
 * @param zoom how much larger than the whole, 1 to 12
 * @param away metres of the hall from the middle of the whole to the middle of what is seen
 */
record Sight(double zoom, FloorVector away) {

    static final Sight WHOLE = new Sight(1, new FloorVector(0, 0));

    private static final double MOST = 12;

    Sight {
        if (!(zoom >= 1 && zoom <= MOST)) {
            throw new IllegalArgumentException("zoom must be 1 to " + MOST + ", but was " + zoom);
        }
    }

    /** {@return the scale for what is seen, from the one for the whole} */
    FloorScale of(FloorScale whole) {
        return new FloorScale(whole.centre().plus(away), whole.pixels() * zoom, whole.width(), whole.height());
    }

    /** {@return the sight so many times nearer, the place under a point of the picture staying there} */
    Sight nearer(double times, FloorScale whole, double x, double y) {
        double wanted = Math.clamp(zoom * times, 1, MOST);
        if (wanted == 1) {
            return WHOLE;
        }
        FloorPoint under = of(whole).place(x, y);
        FloorVector back = under.minus(new Sight(wanted, away).of(whole).place(x, y));
        return new Sight(wanted, new FloorVector(away.right() + back.right(), away.ahead() + back.ahead()));
    }

    /** {@return the sight with the picture pulled along by so many pixels} */
    Sight pulled(double x, double y, FloorScale whole) {
        double pixels = whole.pixels() * zoom;
        return new Sight(zoom, new FloorVector(away.right() - x / pixels, away.ahead() + y / pixels));
    }
}
