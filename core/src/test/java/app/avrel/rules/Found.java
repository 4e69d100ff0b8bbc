package app.avrel.rules;

import app.avrel.floor.Directions;
import app.avrel.form.Unroll;
import app.avrel.motion.Posing;
import app.avrel.motion.Standing;
import app.avrel.posture.Count;
import app.avrel.posture.Posture;
import app.avrel.posture.PostureId;
import app.avrel.posture.Stage;
import java.util.Arrays;
import java.util.List;

/** What is found in small postures, for tests. */
final class Found {

    static final Posture EMPTY = Posture.blank(new PostureId("p"), "P");

    private Found() {}

    static List<Finding> in(Posture posture) {
        return in(posture, Standing.POSING);
    }

    static List<Finding> in(Posture posture, Posing posing) {
        return new Checkup(posing, Directions.CLOCK).posture(Unroll.posture(posture, posing));
    }

    /** Each stage is a count of its own, from shoulder-wide and even. */
    static List<Finding> in(Stage... stages) {
        return in(EMPTY.withCounts(Arrays.stream(stages).map(Count::of).toList()));
    }

    static List<String> rules(List<Finding> findings) {
        return findings.stream().map(Finding::rule).toList();
    }
}
