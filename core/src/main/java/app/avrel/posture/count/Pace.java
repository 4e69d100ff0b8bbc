package app.avrel.posture.count;

/** How a count moves within its beats. */
public enum Pace {
    EVEN,
    SLOW,
    QUICK,
    HELD
}
