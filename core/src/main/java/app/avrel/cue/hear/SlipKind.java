package app.avrel.cue.hear;

/** What is wrong with what is said. */
public enum SlipKind {
    SIDE("the other side is recorded"),
    PART("another part of the foot is recorded"),
    DIRECTION("another direction is recorded"),
    UP_DOWN("it goes the other way, up or down"),
    HAND("the hand is elsewhere, or looks another way"),
    AMOUNT("another amount is recorded"),
    BREATH("the breath goes the other way"),
    NUMBER("this is another count"),
    TIME("this is another time"),
    NAME("this is another posture"),
    ORDER("it comes at another moment"),
    SHIFT_LEFT_OUT("the shift before the step is not said");

    private final String sentence;

    SlipKind(String sentence) {
        this.sentence = sentence;
    }

    public String sentence() {
        return sentence;
    }
}
