package app.avrel.body;

import app.avrel.floor.Numbers;

/**
 * A body known by its stature; every other measure is a share of it.
 *
 * <p>Shares recalled after the Drillis and Contini table in Winter, <i>Biomechanics and Motor Control of Human
 * Movement</i>; the hand span is recalled from survey ratios. People differ by 4 to 5 %.
 *
 * @param label what the instructor calls this body
 * @param stature metres, 0.8 to 2.5
 */
public record Body(String label, double stature) {

    private static final double FOOT_LENGTH = 0.152;
    private static final double FOOT_BREADTH = 0.055;
    private static final double SHOULDER_WIDTH = 0.259;
    private static final double FIST = 0.05;
    private static final double ANKLE_HEIGHT = 0.039;
    private static final double SHANK = 0.246;
    private static final double THIGH = 0.245;
    private static final double HIP_JOINTS = 0.1;
    private static final double ARM = 0.386;
    private static final double MASS_HEIGHT = 0.56;
    private static final double HAND_SPAN = 0.125;

    public Body {
        if (!(stature >= 0.8 && stature <= 2.5)) {
            throw new IllegalArgumentException(
                    "stature must be 0.8 to 2.5 metres, but was " + Numbers.plain(stature) + " (body " + label + ")");
        }
    }

    /** {@return a body of the given stature, labelled by its centimetres} */
    public static Body ofStature(double metres) {
        return new Body(Numbers.whole(metres * 100) + " cm", metres);
    }

    /** {@return heel to toe tip, metres} */
    public double footLength() {
        return FOOT_LENGTH * stature;
    }

    /** {@return the breadth of the foot at the ball, metres} */
    public double footBreadth() {
        return FOOT_BREADTH * stature;
    }

    /** {@return the biacromial breadth, metres} */
    public double shoulderWidth() {
        return SHOULDER_WIDTH * stature;
    }

    /** {@return the breadth of the hand without the thumb, metres: the unit of depth} */
    public double fist() {
        return FIST * stature;
    }

    /** {@return thumb tip to little finger tip, metres} */
    public double handSpan() {
        return HAND_SPAN * stature;
    }

    /** {@return the ankle joint above the sole, metres} */
    public double ankleHeight() {
        return ANKLE_HEIGHT * stature;
    }

    /** {@return knee joint to ankle joint, metres} */
    public double shank() {
        return SHANK * stature;
    }

    /** {@return hip joint to knee joint, metres} */
    public double thigh() {
        return THIGH * stature;
    }

    /** {@return between the centres of the hip joints, metres, after Bell's rule} */
    public double hipJoints() {
        return HIP_JOINTS * stature;
    }

    /** {@return shoulder joint to the middle of the palm, metres} */
    public double arm() {
        return ARM * stature;
    }

    /** {@return the centre of mass above the floor when standing, metres} */
    public double massHeight() {
        return MASS_HEIGHT * stature;
    }

    /** {@return the length in metres for this body} */
    public double metres(Length length) {
        return length.amount() * unit(length.unit());
    }

    /** {@return how many metres one of {@code unit} is for this body} */
    public double unit(LengthUnit unit) {
        return switch (unit) {
            case CENTIMETRE -> 0.01;
            case INCH -> 0.0254;
            case FOOT_LENGTH -> footLength();
            case SHOULDER_WIDTH -> shoulderWidth();
            case FIST -> fist();
            case HAND_SPAN -> handSpan();
        };
    }
}
