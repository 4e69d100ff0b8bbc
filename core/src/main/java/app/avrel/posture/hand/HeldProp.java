package app.avrel.posture.hand;

import app.avrel.body.Side;
import app.avrel.floor.Direction;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Optional;

/**
 * A prop in the hand.
 *
 * @param held by this hand
 * @param state open or closed
 * @param points where its tip points
 * @param toward the direction it leans or points in; in a pose, the hall's
 * @param rests what it lies against besides the hand
 */
@RecordBuilder
public record HeldProp(
        Prop prop,
        Side held,
        PropState state,
        Optional<Pointing> points,
        Optional<Direction> toward,
        Optional<PropRest> rests)
        implements HeldPropBuilder.With {

    /** {@return this, pointing as said; what is not said stays} */
    public HeldProp pointing(Optional<Pointing> newPoints, Optional<Direction> newToward) {
        return new HeldProp(prop, held, state, newPoints.or(() -> points), newToward.or(() -> toward), rests);
    }
}
