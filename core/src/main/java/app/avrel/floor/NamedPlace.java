package app.avrel.floor;

/**
 * A thing in a hall that directions are called by: the window, the door, the mirror.
 *
 * @param name as the school calls it, not blank
 * @param toward in which direction it is
 */
public record NamedPlace(String name, Heading toward) {

    public NamedPlace {
        name = name.strip().replaceAll("\\s+", " ");
        if (name.isEmpty()) {
            throw new IllegalArgumentException("a place of the hall needs a name");
        }
    }
}
