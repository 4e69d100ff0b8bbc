package app.avrel.posture.hand;

/** How the two hands stand to each other; one of them, the leading hand, tells them apart. */
public enum HandRelation {
    /** The leading wrist is nearer the body. */
    CROSSED_WRISTS("wrists crossed", "nearer the body"),
    /** The leading wrist lies on the other. */
    WRIST_ON_WRIST("wrist on wrist", "above"),
    /** The leading palm is under the other elbow. */
    PALM_UNDER_ELBOW("palm under elbow", "under the other elbow"),
    /** The leading hand is above. */
    HEELS_OF_PALMS_TOGETHER("heels of the palms together", "above"),
    /** Both palms meet; the leading hand is nearer the body where they are not upright. */
    PALMS_TOGETHER("palms together", "nearer the body"),
    /** The leading hand goes through between the body and the other. */
    PASSING_INSIDE("passing each other", "inside"),
    /** The leading hand is above. */
    STACKED("one above the other", "above"),
    /** The leading forearm lies on top. */
    FOLDED_FOREARMS("forearms folded", "on top"),
    /** Side by side with a gap; the leading hand has no meaning. */
    APART("side by side", "first");

    private final String phrase;
    private final String leading;

    HandRelation(String phrase, String leading) {
        this.phrase = phrase;
        this.leading = leading;
    }

    public String phrase() {
        return phrase;
    }

    /** {@return where the leading hand is, such as {@code above}} */
    public String leading() {
        return leading;
    }
}
