package app.avrel.desktop.parts;

import app.avrel.desktop.words.Words;
import app.avrel.floor.Heading;
import java.util.List;

/** Bearings to choose from. */
public final class Compass {

    private Compass() {}

    /** {@return the place in {@link #bearings()} that is nearest} */
    public static int bearing(Heading heading) {
        return (int) Math.round(heading.degrees() / 45) % 8;
    }

    /** {@return the bearing of a place in {@link #bearings()}} */
    public static Heading bearing(int at) {
        return new Heading(at * 45);
    }

    /** Eight points of the compass, from north to the right. */
    public static List<String> bearings() {
        return List.of(
                Words.of("parts.north"),
                Words.of("parts.north_east"),
                Words.of("parts.east"),
                Words.of("parts.south_east"),
                Words.of("parts.south"),
                Words.of("parts.south_west"),
                Words.of("parts.west"),
                Words.of("parts.north_west"));
    }
}
