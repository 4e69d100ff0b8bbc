package app.avrel.form.hall;

import app.avrel.floor.FloorVector;
import app.avrel.floor.Heading;

/**
 * A door in a wall.
 *
 * @param from metres along the wall to its nearer edge: from the left for the front and back walls, from the front for the
 *     others
 * @param width metres, above 0
 */
public record Door(Wall wall, double from, double width) {

    public Door {
        Hall.check("a door must begin", from, 0, Hall.LONGEST);
        Hall.check("a door must be wide", width, 0.3, Hall.LONGEST);
    }

    /** {@return in which direction its middle is from the middle of a hall, against the front wall, in whole degrees} */
    Heading seenFromTheMiddle(Hall hall) {
        double along = from + width / 2;
        double across = hall.width() / 2;
        double ahead = hall.depth() / 2;
        FloorVector way = switch (wall) {
            case FRONT -> new FloorVector(along - across, ahead);
            case BACK -> new FloorVector(along - across, -ahead);
            case LEFT -> new FloorVector(-across, ahead - along);
            case RIGHT -> new FloorVector(across, ahead - along);
        };
        return Heading.wrapping(Math.rint(Math.toDegrees(Math.atan2(way.right(), way.ahead()))));
    }
}
