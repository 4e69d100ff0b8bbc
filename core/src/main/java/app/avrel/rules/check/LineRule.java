package app.avrel.rules.check;

import app.avrel.form.Moment;
import app.avrel.motion.Pose;
import app.avrel.posture.count.Count;
import app.avrel.rules.Finding;
import app.avrel.rules.RuleId;
import app.avrel.rules.Severity;
import app.avrel.rules.Where;
import java.util.function.Consumer;

/** A rule that follows something along all counts, one after the other; it is made afresh for every line of counts. */
interface LineRule {

    /** Looks at the next count and tells what it finds. */
    void count(Step step, Consumer<Finding> found);

    /**
     * A count on the line.
     *
     * @param end its last moment
     * @param where it is
     */
    record Step(Moment end, Where where) {

        Count count() {
            return end.count();
        }

        Pose after() {
            return end.after();
        }

        Finding found(RuleId rule, Severity severity, String sentence) {
            return Finding.of(rule, severity, where, sentence);
        }
    }
}
