package app.avrel.desktop.parts;

import app.avrel.floor.Heading;
import java.util.List;

/** Bearings to choose from. */
public final class Compass {

    /** Eight points of the compass, from north to the right. */
    public static final List<String> BEARINGS =
            List.of("north", "north-east", "east", "south-east", "south", "south-west", "west", "north-west");

    private Compass() {}

    /** {@return the place in {@link #BEARINGS} that is nearest} */
    public static int bearing(Heading heading) {
        return (int) Math.round(heading.degrees() / 45) % 8;
    }

    /** {@return the bearing of a place in {@link #BEARINGS}} */
    public static Heading bearing(int at) {
        return new Heading(at * 45);
    }
}
