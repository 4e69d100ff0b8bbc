package app.avrel.floor;

import java.util.List;

/** The four vocabularies in which a heading can be said. */
public enum DirectionWords {
    DEGREES("degrees"),
    CLOCK("clock face"),
    COMPASS("compass"),
    HALL("places in the hall");

    static final List<String> COMPASS_POINTS =
            List.of("north", "north-east", "east", "south-east", "south", "south-west", "west", "north-west");

    static final List<String> HALL_PLACES = List.of(
            "front",
            "front right corner",
            "right wall",
            "back right corner",
            "back wall",
            "back left corner",
            "left wall",
            "front left corner");

    private final String label;

    DirectionWords(String label) {
        this.label = label;
    }

    /** {@return the name of the vocabulary as shown to people} */
    public String label() {
        return label;
    }
}
