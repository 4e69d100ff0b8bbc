package app.avrel.posture;

/** Whether a fan is open, a blade drawn. */
public enum PropState {
    OPEN,
    CLOSED
}
