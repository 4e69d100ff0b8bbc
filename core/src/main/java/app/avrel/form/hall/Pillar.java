package app.avrel.form.hall;

import app.avrel.floor.FloorPoint;

/**
 * A square pillar, or anything one must keep off.
 *
 * @param fromLeft metres from the left wall to its middle
 * @param fromFront metres from the front wall to its middle
 * @param width metres, above 0
 */
public record Pillar(double fromLeft, double fromFront, double width) {

    public Pillar {
        Hall.check("a pillar must stand from the left wall", fromLeft, 0, Hall.LONGEST);
        Hall.check("a pillar must stand from the front wall", fromFront, 0, Hall.LONGEST);
        Hall.check("a pillar must be wide", width, 0.05, 10);
        fromLeft += 0.0;
        fromFront += 0.0;
    }

    /** {@return metres from a place to the pillar's edge; 0 within} */
    double distance(double x, double y) {
        double across = Math.max(0, Math.abs(x - fromLeft) - width / 2);
        double along = Math.max(0, Math.abs(y - fromFront) - width / 2);
        return Math.sqrt(across * across + along * along);
    }

    /** {@return the middle, as a point of the floor: ahead is toward the front wall, the front wall at 0} */
    public FloorPoint middle() {
        return new FloorPoint(fromLeft, -fromFront);
    }
}
