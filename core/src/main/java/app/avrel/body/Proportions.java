package app.avrel.body;

/**
 * Measures of the body as shares of stature.
 *
 * <p>Segment lengths and heights after the Drillis and Contini table in Winter, <i>Biomechanics and Motor Control of
 * Human Movement</i>, as recalled; the distance of the hip joints after Bell's rule; the head from the same table.
 */
public final class Proportions {

    public static final double FOOT_LENGTH = 0.152;
    public static final double FOOT_BREADTH = 0.055;
    public static final double SHOULDER_WIDTH = 0.259;
    public static final double FIST = 0.05;
    public static final double HAND_SPAN = 0.125;
    public static final double MASS_HEIGHT = 0.56;
    public static final double ANKLE_HEIGHT = 0.039;
    public static final double SHANK = 0.246;
    public static final double THIGH = 0.245;
    public static final double LEG = SHANK + THIGH;
    public static final double HIP_HEIGHT = 0.53;
    public static final double HALF_HIPS = 0.05;
    public static final double SHOULDER_HEIGHT = 0.818;
    public static final double UPPER_ARM = 0.186;
    public static final double FOREARM = 0.146;
    public static final double HALF_HAND = 0.054;
    public static final double HAND = 0.108;
    public static final double ARM = UPPER_ARM + FOREARM + HALF_HAND;
    public static final double HEAD_CENTRE = 0.936;

    /** The ankle, as a share of the foot's length from the heel. */
    public static final double ANKLE_ALONG = 0.25;

    private Proportions() {}
}
