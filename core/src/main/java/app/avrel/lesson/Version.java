package app.avrel.lesson;

/** Which way of a posture is done. */
public enum Version {
    FULL,
    /** The posture's first gentler version, where it has one. */
    GENTLER,
    /** Knowingly not the whole of it: a later lesson has to replace it. */
    INCOMPLETE
}
