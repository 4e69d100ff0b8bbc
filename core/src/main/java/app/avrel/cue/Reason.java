package app.avrel.cue;

/** Why a count is said at the length it is. */
public enum Reason {
    CHOSEN("This is the level that was chosen."),
    FIRST_TIME("Said at length: it comes for the first time."),
    OTHER_SIDE("Feet and body only: the hands are as on the other side."),
    NEW_WAY("Said again: one comes to it another way than before."),
    SECOND_TIME("Called: it was said at length before."),
    OFTEN("One call a count: it has been called before."),
    OWN_WORDS("These are your own words.");

    private final String sentence;

    Reason(String sentence) {
        this.sentence = sentence;
    }

    public String sentence() {
        return sentence;
    }
}
