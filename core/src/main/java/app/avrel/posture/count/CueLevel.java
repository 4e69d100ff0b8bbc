package app.avrel.posture.count;

/** How much a cue says. */
public enum CueLevel {
    /** One plain sentence an action. */
    GUIDE,
    /** Two to four words an action. */
    PROMPT
}
