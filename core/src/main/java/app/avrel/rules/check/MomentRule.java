package app.avrel.rules.check;

import app.avrel.rules.Finding;
import java.util.function.Consumer;

/** A rule that looks at one stage at a time. */
interface MomentRule {

    /** Looks at a moment and tells what it finds. */
    void examine(Watched watched, Consumer<Finding> found);

    /** {@return whether this asks of stances, and so only where one is settled, never in passing} */
    default boolean ofStances() {
        return false;
    }
}
