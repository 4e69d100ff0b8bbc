package app.avrel.posture.move;

/** On which side of the standing foot a cross step passes. */
public enum Crossing {
    IN_FRONT("in front"),
    BEHIND("behind");

    private final String phrase;

    Crossing(String phrase) {
        this.phrase = phrase;
    }

    public String phrase() {
        return phrase;
    }
}
