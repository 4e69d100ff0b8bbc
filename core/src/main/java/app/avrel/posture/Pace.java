package app.avrel.posture;

/** How a count moves within its beats. */
public enum Pace {
    EVEN,
    SLOW,
    QUICK,
    HELD
}
