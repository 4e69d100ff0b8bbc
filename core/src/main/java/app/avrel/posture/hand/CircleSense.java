package app.avrel.posture.hand;

import app.avrel.body.Side;

/** Which way round a hand circles, upright before the body, as the one who does it sees it. */
public enum CircleSense {
    CLOCKWISE,
    ANTICLOCKWISE,
    /** Away from the middle of the body at the top of the circle. */
    OUTWARD,
    /** Toward the middle of the body at the top of the circle. */
    INWARD;

    /** {@return clockwise or anticlockwise, as it is for this hand} */
    public CircleSense seenBy(Side hand) {
        return switch (this) {
            case CLOCKWISE, ANTICLOCKWISE -> this;
            case OUTWARD -> hand == Side.RIGHT ? CLOCKWISE : ANTICLOCKWISE;
            case INWARD -> hand == Side.RIGHT ? ANTICLOCKWISE : CLOCKWISE;
        };
    }

    /** {@return the same on the other side of the body} */
    public CircleSense mirrored() {
        return switch (this) {
            case CLOCKWISE -> ANTICLOCKWISE;
            case ANTICLOCKWISE -> CLOCKWISE;
            case OUTWARD, INWARD -> this;
        };
    }
}
