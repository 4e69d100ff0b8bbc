package app.avrel.posture.hand;

/** The way a hand takes to its new place. */
public enum HandPath {
    DIRECT("straight there"),
    OVER("going over"),
    UNDER("going under"),
    OUTWARD_ARC("in an outward arc"),
    INWARD_ARC("in an inward arc"),
    SPIRAL("spiralling");

    private final String phrase;

    HandPath(String phrase) {
        this.phrase = phrase;
    }

    public String phrase() {
        return phrase;
    }
}
