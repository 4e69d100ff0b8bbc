package app.avrel.posture.hand;

/** How the hand is shaped. */
public enum HandShape {
    OPEN("open hand"),
    FIST("fist"),
    LOOSE_FIST("loose fist"),
    HOOK("hook hand"),
    SWORD_FINGERS("sword fingers"),
    ROUNDED("rounded hand");

    private final String word;

    HandShape(String word) {
        this.word = word;
    }

    public String word() {
        return word;
    }
}
