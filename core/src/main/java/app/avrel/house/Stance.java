package app.avrel.house;

/** What a position of the feet and the weight is called; a stance is named by the first {@link StanceBounds} it fits. */
public enum Stance {
    ONE_LEGGED("one-legged"),
    DRAWN_IN("drawn in"),
    CROSSED_REST("crossed rest"),
    DROP("drop"),
    EMPTY("empty"),
    BOW("bow"),
    ALL_ON_FRONT("all on the front"),
    REAR_LOADED("rear-loaded"),
    SIDE_BOW("side bow"),
    HORSE("horse"),
    SHOULDER_WIDE("shoulder-wide"),
    FEET_TOGETHER("feet together");

    private final String label;

    Stance(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }
}
