package app.avrel.body;

import app.avrel.floor.Numbers;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Collections;
import java.util.EnumMap;
import java.util.Map;

/**
 * A body known by its stature; every other measure is a share of it.
 *
 * <p>Shares recalled after the Drillis and Contini table in Winter, <i>Biomechanics and Motor Control of Human
 * Movement</i>; the hand span is recalled from survey ratios. People differ by 4 to 5 %.
 *
 * @param label what the instructor calls this body
 * @param stature metres, 0.8 to 2.5
 * @param measures whole millimetres of those that differ from what the stature says, half of it to 1.6 times it
 */
@RecordBuilder
public record Body(String label, double stature, Map<Measure, Integer> measures) implements BodyBuilder.With {

    private static final double FROM = 0.5;
    private static final double TO = 1.6;

    public Body {
        if (!(stature >= 0.8 && stature <= 2.5)) {
            throw new IllegalArgumentException(
                    "stature must be 0.8 to 2.5 metres, but was " + Numbers.plain(stature) + " (body " + label + ")");
        }
        EnumMap<Measure, Integer> kept = new EnumMap<>(Measure.class);
        for (Map.Entry<Measure, Integer> entry : measures.entrySet()) {
            kept.put(entry.getKey(), checked(entry.getKey(), entry.getValue(), stature, label));
        }
        measures = Collections.unmodifiableMap(kept);
    }

    public Body(String label, double stature) {
        this(label, stature, Map.of());
    }

    private static int checked(Measure measure, int millimetres, double stature, String label) {
        double usual = measure.shareOfStature() * stature * 1000;
        if (millimetres < FROM * usual || millimetres > TO * usual) {
            throw new IllegalArgumentException(
                    measure.label() + " must be " + Numbers.whole(FROM * usual) + " to " + Numbers.whole(TO * usual)
                            + " mm for this stature, but was " + millimetres + " (body " + label + ")");
        }
        return millimetres;
    }

    /** {@return a body of another stature; measures that no longer fit it are given up} */
    @Override
    public Body withStature(double metres) {
        Map<Measure, Integer> fitting = new EnumMap<>(Measure.class);
        measures.forEach((measure, millimetres) -> {
            double share = millimetres / (measure.shareOfStature() * metres * 1000);
            if (share >= FROM && share <= TO) {
                fitting.put(measure, millimetres);
            }
        });
        return new Body(label, metres, fitting);
    }

    private double measure(Measure measure) {
        Integer taken = measures.isEmpty() ? null : measures.get(measure);
        return taken == null ? measure.shareOfStature() * stature : taken / 1000.0;
    }

    /** {@return a body of the given stature, labelled by its centimetres} */
    public static Body ofStature(double metres) {
        return new Body(Numbers.whole(metres * 100) + " cm", metres);
    }

    /** {@return heel to toe tip, metres} */
    public double footLength() {
        return measure(Measure.FOOT_LENGTH);
    }

    /** {@return the breadth of the foot at the ball, metres} */
    public double footBreadth() {
        return measure(Measure.FOOT_BREADTH);
    }

    /** {@return the biacromial breadth, metres} */
    public double shoulderWidth() {
        return measure(Measure.SHOULDER_WIDTH);
    }

    /** {@return from the middle to a shoulder joint, metres} */
    public double halfShoulders() {
        return shoulderWidth() / 2;
    }

    /** {@return the breadth of the hand without the thumb, metres: the unit of depth} */
    public double fist() {
        return measure(Measure.FIST);
    }

    /** {@return thumb tip to little finger tip, metres} */
    public double handSpan() {
        return measure(Measure.HAND_SPAN);
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
