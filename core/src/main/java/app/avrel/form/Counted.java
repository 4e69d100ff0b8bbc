package app.avrel.form;

/** How an entry is numbered, where that is not as the school numbers others. */
public enum Counted {
    /** Each time it is done has a number of its own. */
    EACH_TIME,
    /** All its times are one number. */
    AS_ONE,
    /** It belongs to the number of the entry before. */
    WITH_THE_ONE_BEFORE,
    /** It has no number. */
    NOT
}
