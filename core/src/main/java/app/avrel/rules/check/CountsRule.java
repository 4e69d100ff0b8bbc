package app.avrel.rules.check;

import app.avrel.form.Moment;
import app.avrel.form.Occurrence;
import app.avrel.motion.Performer;
import app.avrel.rules.Finding;
import app.avrel.rules.Where;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;

/** A rule that looks at a posture's counts one after the other. */
interface CountsRule {

    /** Looks at the counts and tells what it finds. */
    void examine(Occurrence done, Performer posing, Consumer<Finding> found);

    /** {@return the last moment of each of the posture's own counts} */
    static List<Moment> ends(Occurrence done) {
        return done.ends().stream()
                .filter(moment -> moment.place().section() == Moment.Section.POSTURE)
                .toList();
    }

    static Where count(Occurrence done, int count) {
        return new Where.InPosture(done.posture().id(), Optional.of(done.done().recorded(count)));
    }
}
