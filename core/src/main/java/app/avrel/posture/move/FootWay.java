package app.avrel.posture.move;

/** The way a foot takes to its new place. */
public enum FootWay {
    STRAIGHT("straight"),
    BY_THE_ANKLE("by the other ankle"),
    OUTWARD_ARC("in an outward arc"),
    INWARD_ARC("in an inward arc");

    private final String phrase;

    FootWay(String phrase) {
        this.phrase = phrase;
    }

    public String phrase() {
        return phrase;
    }
}
