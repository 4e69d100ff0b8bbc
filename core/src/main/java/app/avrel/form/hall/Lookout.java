package app.avrel.form.hall;

import app.avrel.floor.FloorPoint;
import java.util.List;

/**
 * A place where an instructor may stand.
 *
 * @param name in words, such as {@code the front left corner}
 */
public record Lookout(String name, FloorPoint at) {

    private static final double OFF_THE_WALL = 0.6;

    /** {@return the middle of each wall and the corners, a step off the walls; the front first} */
    public static List<Lookout> in(Hall hall) {
        double left = OFF_THE_WALL;
        double right = hall.width() - OFF_THE_WALL;
        double middle = hall.width() / 2;
        double front = -OFF_THE_WALL;
        double back = OFF_THE_WALL - hall.depth();
        double half = -hall.depth() / 2;
        return List.of(
                new Lookout("the middle of the front", new FloorPoint(middle, front)),
                new Lookout("the front left corner", new FloorPoint(left, front)),
                new Lookout("the front right corner", new FloorPoint(right, front)),
                new Lookout("the left wall", new FloorPoint(left, half)),
                new Lookout("the right wall", new FloorPoint(right, half)),
                new Lookout("the back left corner", new FloorPoint(left, back)),
                new Lookout("the back right corner", new FloorPoint(right, back)),
                new Lookout("the middle of the back", new FloorPoint(middle, back)));
    }
}
