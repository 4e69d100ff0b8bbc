package app.avrel.posture.move;

/** With which part of the foot, or along which way, one kicks. */
public enum Kick {
    TOE("toe kick"),
    HEEL("heel kick"),
    TOP_OF_FOOT("kick with the top of the foot"),
    OUTER_SWEEP("outer sweep"),
    INNER_SWEEP("inner sweep");

    private final String phrase;

    Kick(String phrase) {
        this.phrase = phrase;
    }

    public String phrase() {
        return phrase;
    }
}
