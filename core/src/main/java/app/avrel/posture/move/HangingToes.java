package app.avrel.posture.move;

/** How the toes of a foot in the air are held. */
public enum HangingToes {
    HANGING("toes hanging"),
    FLEXED("toes drawn up"),
    POINTED("toes pointed");

    private final String phrase;

    HangingToes(String phrase) {
        this.phrase = phrase;
    }

    public String phrase() {
        return phrase;
    }
}
