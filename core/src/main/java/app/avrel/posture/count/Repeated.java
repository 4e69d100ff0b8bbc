package app.avrel.posture.count;

/** That a count is done again where a form says so. */
public enum Repeated {
    /** Part of the cycle of its posture: what is before it leads in, what is after it leads out. */
    CYCLE
}
