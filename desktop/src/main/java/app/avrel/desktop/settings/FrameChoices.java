package app.avrel.desktop.settings;

import app.avrel.floor.DirectionWords;
import app.avrel.floor.Heading;
import java.util.Arrays;
import java.util.List;

/** What can be chosen for the frame. */
public final class FrameChoices {

    /** Eight points of the compass, from north to the right. */
    public static final List<String> BEARINGS =
            List.of("north", "north-east", "east", "south-east", "south", "south-west", "west", "north-west");

    private FrameChoices() {}

    /** {@return the place in {@link #BEARINGS} that is nearest} */
    public static int bearing(Heading heading) {
        return (int) Math.round(heading.degrees() / 45) % 8;
    }

    /** {@return the bearing of a place in {@link #BEARINGS}} */
    public static Heading bearing(int at) {
        return new Heading(at * 45);
    }

    /** {@return the vocabularies by name} */
    public static List<String> words() {
        return Arrays.stream(DirectionWords.values()).map(DirectionWords::label).toList();
    }

    /** {@return a vocabulary by its place in {@link #words()}} */
    public static DirectionWords words(int at) {
        return DirectionWords.values()[at];
    }
}
