package app.avrel.body;

/** A measure of a body that can be taken with a tape and differ from what the stature says. */
public enum Measure {
    FOOT_LENGTH("foot, heel to toe", Proportions.FOOT_LENGTH),
    FOOT_BREADTH("foot, across the ball", Proportions.FOOT_BREADTH),
    SHOULDER_WIDTH("shoulders, joint to joint", Proportions.SHOULDER_WIDTH),
    FIST("hand, across without the thumb", Proportions.FIST),
    HAND_SPAN("hand span", Proportions.HAND_SPAN);

    private final String label;
    private final double shareOfStature;

    Measure(String label, double shareOfStature) {
        this.label = label;
        this.shareOfStature = shareOfStature;
    }

    public String label() {
        return label;
    }

    /** {@return the usual share of the stature} */
    public double shareOfStature() {
        return shareOfStature;
    }
}
