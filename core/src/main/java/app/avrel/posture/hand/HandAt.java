package app.avrel.posture.hand;

/** What a hand is placed against, where that is not the trunk. */
public enum HandAt {
    /** Its place in the room, while the body moves. */
    STAYS("staying where it is in the room"),
    OTHER_HAND("at the other hand"),
    OTHER_WRIST("at the other wrist"),
    OTHER_FOREARM("at the other forearm"),
    OTHER_ELBOW("under the other elbow"),
    OWN_KNEE("at its own knee"),
    OTHER_KNEE("at the other knee"),
    OWN_FOOT("at its own foot"),
    OTHER_FOOT("at the other foot");

    private final String phrase;

    HandAt(String phrase) {
        this.phrase = phrase;
    }

    public String phrase() {
        return phrase;
    }

    /** {@return whether it is a place at the other arm, so that both arms are in it} */
    public boolean ofOtherArm() {
        return switch (this) {
            case OTHER_HAND, OTHER_WRIST, OTHER_FOREARM, OTHER_ELBOW -> true;
            case STAYS, OWN_KNEE, OTHER_KNEE, OWN_FOOT, OTHER_FOOT -> false;
        };
    }
}
