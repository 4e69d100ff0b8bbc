package app.avrel.form;

import app.avrel.posture.count.Count;
import java.util.List;

/**
 * The way from the end of one posture to the start of the next; empty where none is needed.
 *
 * @param name as the instructor calls it; may be empty
 * @param counts headings in them are relative to the facing where the link begins
 */
public record Link(String name, List<Count> counts) {

    /** No way to go. */
    public static final Link NONE = new Link("", List.of());

    public Link {
        counts = List.copyOf(counts);
    }

    public Link withCounts(List<Count> changed) {
        return new Link(name, changed);
    }
}
