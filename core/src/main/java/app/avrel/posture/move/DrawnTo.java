package app.avrel.posture.move;

/** How a foot that is drawn in comes to rest. */
public enum DrawnTo {
    /** On its ball, beside the standing foot. */
    BALL_BESIDE,
    /** In the air, at the standing foot's ankle. */
    HOVERING
}
