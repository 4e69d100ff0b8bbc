package app.avrel.posture.count;

/** How a count moves within its beats. */
public enum Pace {
    EVEN,
    SLOW,
    QUICK,
    HELD,
    /** Held as long as one likes: its beats are the least it takes. */
    OPEN
}
