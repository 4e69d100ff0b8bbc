package app.avrel.rules.check;

import app.avrel.floor.Directions;
import app.avrel.form.Unroll;
import app.avrel.motion.Performer;
import app.avrel.motion.Standing;
import app.avrel.posture.Posture;
import app.avrel.posture.PostureId;
import app.avrel.posture.count.Count;
import app.avrel.posture.count.Stage;
import app.avrel.rules.Finding;
import app.avrel.rules.RuleId;
import java.util.Arrays;
import java.util.List;

/** What is found in small postures, for tests. */
public final class Found {

    public static final Posture EMPTY = Posture.blank(new PostureId("p"), "P");

    private Found() {}

    public static List<Finding> in(Posture posture) {
        return in(posture, Standing.POSING);
    }

    public static List<Finding> in(Posture posture, Performer posing) {
        return new Checkup(posing, Directions.CLOCK).posture(Unroll.posture(posture, posing));
    }

    /** Each stage is a count of its own, from shoulder-wide and even. */
    public static List<Finding> in(Stage... stages) {
        return in(EMPTY.withCounts(Arrays.stream(stages).map(Count::of).toList()));
    }

    public static List<RuleId> rules(List<Finding> findings) {
        return findings.stream().map(Finding::rule).toList();
    }
}
