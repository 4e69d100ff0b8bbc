package app.avrel.mechanics;

/**
 * Measures of the body as shares of stature.
 *
 * <p>Segment lengths and heights after the Drillis and Contini table in Winter, <i>Biomechanics and Motor Control of
 * Human Movement</i>, as recalled; the distance of the hip joints after Bell's rule; the head from the same table.
 */
final class Proportions {

    static final double ANKLE_HEIGHT = 0.039;
    static final double SHANK = 0.246;
    static final double THIGH = 0.245;
    static final double LEG = SHANK + THIGH;
    static final double HIP_HEIGHT = 0.53;
    static final double HALF_HIPS = 0.05;
    static final double SHOULDER_HEIGHT = 0.818;
    static final double HALF_SHOULDERS = 0.1295;
    static final double UPPER_ARM = 0.186;
    static final double FOREARM = 0.146;
    static final double HALF_HAND = 0.054;
    static final double HAND = 0.108;
    static final double ARM = UPPER_ARM + FOREARM + HALF_HAND;
    static final double HEAD_CENTRE = 0.936;

    /** The ankle, as a share of the foot's length from the heel. */
    static final double ANKLE_ALONG = 0.25;

    private Proportions() {}
}
