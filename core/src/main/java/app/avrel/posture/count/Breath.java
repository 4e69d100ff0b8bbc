package app.avrel.posture.count;

/** What the breath does in a count. */
public enum Breath {
    IN("in-breath"),
    OUT("out-breath"),
    HOLD("breath held"),
    FREE("breath free");

    private final String phrase;

    Breath(String phrase) {
        this.phrase = phrase;
    }

    public String phrase() {
        return phrase;
    }
}
