package app.avrel.posture.move;

/** Which part of a foot touches the floor. */
public enum Contact {
    FLAT("flat"),
    HEEL("on the heel"),
    BALL("on the ball"),
    LIFTED("off the floor");

    private final String phrase;

    Contact(String phrase) {
        this.phrase = phrase;
    }

    public String phrase() {
        return phrase;
    }
}
