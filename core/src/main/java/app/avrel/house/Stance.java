package app.avrel.house;

/** What a position of the feet and the weight is called; a stance is named by the first {@link StanceBounds} it fits. */
public enum Stance {
    ONE_LEGGED("one-legged"),
    DRAWN_IN("drawn in"),
    CROSSED_REST("crossed rest"),
    DROP("drop"),
    LIGHT_FRONT("light front foot"),
    FRONT_LOADED("front-loaded"),
    ALL_ON_FRONT("all on the front"),
    REAR_LOADED("rear-loaded"),
    SIDE_LOADED("side-loaded"),
    WIDE_EVEN("wide and even"),
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
