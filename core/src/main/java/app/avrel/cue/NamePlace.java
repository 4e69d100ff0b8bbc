package app.avrel.cue;

/** Where a posture's name is called, the first time. */
public enum NamePlace {
    /** Before its first count. */
    BEFORE,
    /** In its last count, once its shape is there. */
    LAST,
    NEVER
}
