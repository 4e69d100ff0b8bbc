package app.avrel.posture.hand;

/** Whether a fan is open, a blade drawn. */
public enum PropState {
    OPEN,
    CLOSED
}
