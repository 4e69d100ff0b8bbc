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
        return Proportions.FOOT_LENGTH * stature;
    }

    /** {@return the breadth of the foot at the ball, metres} */
    public double footBreadth() {
        return Proportions.FOOT_BREADTH * stature;
    }

    /** {@return the biacromial breadth, metres} */
    public double shoulderWidth() {
        return Proportions.SHOULDER_WIDTH * stature;
    }

    /** {@return the breadth of the hand without the thumb, metres: the unit of depth} */
    public double fist() {
        return Proportions.FIST * stature;
    }

    /** {@return thumb tip to little finger tip, metres} */
    public double handSpan() {
        return Proportions.HAND_SPAN * stature;
    }

    /** {@return the ankle joint above the sole, metres} */
    public double ankleHeight() {
        return Proportions.ANKLE_HEIGHT * stature;
    }

    /** {@return knee joint to ankle joint, metres} */
    public double shank() {
        return Proportions.SHANK * stature;
    }

    /** {@return hip joint to knee joint, metres} */
    public double thigh() {
        return Proportions.THIGH * stature;
    }

    /** {@return between the centres of the hip joints, metres, after Bell's rule} */
    public double hipJoints() {
        return 2 * Proportions.HALF_HIPS * stature;
    }

    /** {@return shoulder joint to the middle of the palm, metres} */
    public double arm() {
        return Proportions.ARM * stature;
    }

    /** {@return the centre of mass above the floor when standing, metres} */
    public double massHeight() {
        return Proportions.MASS_HEIGHT * stature;
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
