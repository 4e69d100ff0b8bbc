package app.avrel.posture.count;

/** How much a cue says, most first. */
public enum CueLevel {
    /** Whole sentences with every number that is recorded. */
    EXPLAIN,
    /** Whole sentences of what is new. */
    GUIDE,
    /** Calls of two or three words. */
    PROMPT,
    /** The number of the count. */
    COUNT
}
