package app.avrel.mechanics;

import app.avrel.body.Body;
import app.avrel.body.Proportions;

/** The distance from hip to ankle and the bend of the knee, one from the other. */
public final class LegSpan {

    private LegSpan() {}

    /** {@return metres from hip to ankle of a straight leg} */
    public static double straight(Body body) {
        return Proportions.LEG * body.stature();
    }

    /** {@return metres from hip to ankle of a leg bent by {@code degrees}, 0 to 180} */
    public static double at(double degrees, Body body) {
        double thigh = Proportions.THIGH * body.stature();
        double shank = Proportions.SHANK * body.stature();
        double cos = Math.cos(Math.toRadians(degrees));
        return Math.sqrt(thigh * thigh + shank * shank + 2 * thigh * shank * cos);
    }

    /** {@return degrees the knee is bent for so many metres from hip to ankle; 0 where that is too far} */
    public static double bend(double span, Body body) {
        double thigh = Proportions.THIGH * body.stature();
        double shank = Proportions.SHANK * body.stature();
        double cos = (span * span - thigh * thigh - shank * shank) / (2 * thigh * shank);
        return Math.toDegrees(Math.acos(Math.clamp(cos, -1, 1)));
    }

    /** {@return degrees of bend for each metre the leg gets shorter} */
    public static double bendPerMetre(double degrees, Body body) {
        double thigh = Proportions.THIGH * body.stature();
        double shank = Proportions.SHANK * body.stature();
        return Math.toDegrees(at(degrees, body) / (thigh * shank * Math.sin(Math.toRadians(degrees))));
    }
}
