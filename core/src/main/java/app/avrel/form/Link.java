package app.avrel.form;

import app.avrel.posture.count.Count;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;

/**
 * The way from the end of one posture to the start of the next; empty where none is needed.
 *
 * @param name as the instructor calls it; may be empty
 * @param counts headings in them are relative to the facing where the link begins
 */
@RecordBuilder
public record Link(String name, List<Count> counts) implements LinkBuilder.With {

    /** No way to go. */
    public static final Link NONE = new Link("", List.of());

    public Link {
        counts = List.copyOf(counts);
    }
}
