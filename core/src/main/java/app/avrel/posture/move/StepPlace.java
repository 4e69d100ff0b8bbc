package app.avrel.posture.move;

import app.avrel.body.Length;
import app.avrel.body.Side;
import app.avrel.floor.Direction;
import java.util.Optional;

/** Where a step goes. */
public sealed interface StepPlace {

    /**
     * A way from the standing heel.
     *
     * @param distance along the direction; empty where not said
     * @param width from heel line to heel line, to the mover's own side: 0 is on one line, negative crosses; empty where
     *     not said (then the foot keeps its own line going straight)
     */
    record Along(Direction direction, Optional<Length> distance, Optional<Length> width) implements StepPlace {}

    /**
     * Beside the other foot, heels level, or one ahead of the other.
     *
     * @param gap between the inner edges; empty where not said
     * @param ahead how far the heel is ahead of the other along the facing, behind is negative; level where empty
     */
    record Beside(Optional<Length> gap, Optional<Length> ahead) implements StepPlace {}

    /**
     * Heels level across the facing.
     *
     * @param width between the heels; empty keeps the foot's own line
     */
    record LevelWithHeel(Optional<Length> width) implements StepPlace {}

    /**
     * On the line of the other heel, along the facing.
     *
     * @param ahead how far ahead of the other heel, behind is negative; empty keeps how far along it is
     */
    record OnHeelLine(Optional<Length> ahead) implements StepPlace {}

    /**
     * Across to the other foot's far side.
     *
     * @param over whether the foot passes in front of the standing foot or behind it
     * @param distance ahead of the standing heel, or behind it; empty where not said
     */
    record Across(Crossing over, Optional<Length> distance) implements StepPlace {}

    /** Where a foot stood before its last move. */
    record WhereWas(Side foot) implements StepPlace {}

    /** A foot-length ahead of where a heel stood before its last move: where its toes were. */
    record AtToes(Side foot) implements StepPlace {}
}
