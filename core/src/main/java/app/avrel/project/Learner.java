package app.avrel.project;

import app.avrel.body.Body;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;

/**
 * Someone who learns, under a label; nothing else about a person is kept.
 *
 * @param body stature and measures that differ
 * @param cautions what to take care of
 */
@RecordBuilder
public record Learner(Body body, List<Care> cautions) implements LearnerBuilder.With {

    public Learner {
        cautions = List.copyOf(cautions);
    }

    public String label() {
        return body.label();
    }
}
