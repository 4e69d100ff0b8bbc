package app.avrel.cue;

/** For whom sides are named. */
public enum Viewpoint {
    /** For one who does it: left is the performer's left. */
    OWN,
    /** For one who faces the performer and does it as in a mirror: the performer's left is the other's right. */
    MIRROR
}
