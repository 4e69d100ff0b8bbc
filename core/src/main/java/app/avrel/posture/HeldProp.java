package app.avrel.posture;

import app.avrel.body.Side;
import java.util.Optional;

/**
 * A prop in the hand.
 *
 * @param held by this hand
 * @param open whether a fan is open, a sword drawn
 * @param points where its tip points
 * @param toward the direction it leans or points in; in a pose, the hall's
 */
public record HeldProp(Prop prop, Side held, boolean open, Optional<Pointing> points, Optional<Direction> toward) {

    public HeldProp withOpen(boolean opened) {
        return new HeldProp(prop, held, opened, points, toward);
    }

    public HeldProp withHeld(Side hand) {
        return new HeldProp(prop, hand, open, points, toward);
    }

    /** {@return this, pointing as said; what is not said stays} */
    public HeldProp pointing(Optional<Pointing> newPoints, Optional<Direction> newToward) {
        return new HeldProp(prop, held, open, newPoints.or(() -> points), newToward.or(() -> toward));
    }
}
