package app.avrel.form.hall;

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
}
