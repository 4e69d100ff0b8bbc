package app.avrel.project;

import app.avrel.body.Body;
import java.util.List;

/**
 * Someone who learns, under a label; nothing else about a person is kept.
 *
 * @param body stature and measures that differ
 * @param cautions what to take care of
 */
public record Learner(Body body, List<Precaution> cautions) {

    public Learner {
        cautions = List.copyOf(cautions);
    }

    public String label() {
        return body.label();
    }

    public Learner withBody(Body changed) {
        return new Learner(changed, cautions);
    }

    public Learner withCautions(List<Precaution> changed) {
        return new Learner(body, changed);
    }
}
