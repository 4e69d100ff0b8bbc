package app.avrel.posture.count;

/** What the breath does in a count. One breath may last over counts: the next then goes on with it. A count may hold two. */
public enum Breath {
    IN("breathe in"),
    OUT("breathe out"),
    HOLD("hold the breath"),
    FREE("natural breath"),
    STILL_IN("still breathing in"),
    STILL_OUT("still breathing out"),
    IN_THEN_OUT("breathe in, then out"),
    OUT_THEN_IN("breathe out, then in");

    private final String phrase;

    Breath(String phrase) {
        this.phrase = phrase;
    }

    public String phrase() {
        return phrase;
    }

    /** {@return with which breath the count begins: in or out; {@code FREE} where it says neither} */
    public Breath begins() {
        return switch (this) {
            case IN, STILL_IN, IN_THEN_OUT -> IN;
            case OUT, STILL_OUT, OUT_THEN_IN -> OUT;
            case HOLD, FREE -> FREE;
        };
    }

    /** {@return with which breath the count ends: in or out; {@code FREE} where it says neither} */
    public Breath ends() {
        return switch (this) {
            case IN, STILL_IN, OUT_THEN_IN -> IN;
            case OUT, STILL_OUT, IN_THEN_OUT -> OUT;
            case HOLD, FREE -> FREE;
        };
    }

    /** {@return whether the count goes on with the breath before it} */
    public boolean goesOn() {
        return this == STILL_IN || this == STILL_OUT;
    }

    /** {@return whether the count holds both halves} */
    public boolean both() {
        return this == IN_THEN_OUT || this == OUT_THEN_IN;
    }

    /** {@return whether this breathes the same way anew that the count before ended with} */
    public boolean repeats(Breath before) {
        return begins() != FREE && begins() == before.ends() && !goesOn();
    }
}
