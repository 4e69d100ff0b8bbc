package app.avrel.lesson.make;

/** What of the form a step of a recipe is about. */
public enum Reach {
    /** Nothing of the form. */
    NONE,
    /** Everything before what is new. */
    SO_FAR,
    /** The last few postures before what is new. */
    LAST_FEW,
    /** Each new posture, one after the other; steps in a row that do are done together for each. */
    EACH_NEW,
    /** Each new posture that is the other side of the one before it. */
    EACH_OTHER_SIDE,
    /** The posture before each new one, and that. */
    EACH_JOIN,
    /** All that is new. */
    ALL_NEW,
    /** The last few postures before, and what is new. */
    RECENT,
    /** From the form's beginning to the end of what is new. */
    FROM_START,
    /** The posture that comes next. */
    NEXT;

    /** {@return whether it is about each new posture by itself} */
    public boolean each() {
        return this == EACH_NEW || this == EACH_OTHER_SIDE || this == EACH_JOIN;
    }
}
