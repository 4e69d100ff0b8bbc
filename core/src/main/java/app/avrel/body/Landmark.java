package app.avrel.body;

/**
 * A height of the body, from the floor up.
 *
 * <p>Shares of stature, standing: hip, shoulder, chin, eye and chest after Winter's figure; navel, solar plexus and
 * thigh from survey ratios (recalled, ±0.015).
 */
public enum Landmark {
    FLOOR("floor", 0),
    ANKLE("ankle", 0.039),
    SHIN("shin", 0.16),
    KNEE("knee", 0.285),
    THIGH("thigh", 0.41),
    HIP("hip", 0.53),
    NAVEL("navel", 0.60),
    SOLAR_PLEXUS("solar plexus", 0.68),
    CHEST("chest", 0.72),
    SHOULDER("shoulder", 0.818),
    CHIN("chin", 0.87),
    EAR("ear", 0.916),
    EYE("eye", 0.936),
    TEMPLE("temple", 0.956),
    BROW("brow", 0.966),
    CROWN("crown", 1.0),
    ABOVE("above the head", 1.08);

    private final String word;
    private final double shareOfStature;

    Landmark(String word, double shareOfStature) {
        this.word = word;
        this.shareOfStature = shareOfStature;
    }

    public String word() {
        return word;
    }

    public double shareOfStature() {
        return shareOfStature;
    }

    /** {@return how many landmarks lie between the two; 0 for the same} */
    public int stepsFrom(Landmark other) {
        return Math.abs(ordinal() - other.ordinal());
    }
}
