package app.avrel.mechanics;

import app.avrel.body.Side;
import app.avrel.floor.Bearing;

/**
 * How far a foot is turned against the pelvis, and what of it the hip cannot give: the rest goes into knee, shin and
 * ankle.
 *
 * <p>Ranges of the hip: 45° inward and outward after the norms of the American Academy of Orthopaedic Surgeons;
 * conservatively 35° inward and 40° outward (recalled). Within ±10°: ranges differ by 8° to 10° between people.
 *
 * @param turnout degrees the foot is turned out from the pelvis; negative is in
 */
public record HipTwist(double turnout) {

    /** What the hip of an average adult gives, degrees. */
    public static final Range NORM = new Range(45, 45, 0);

    /** What is asked of a hip in class, degrees. */
    public static final Range CONSERVATIVE = new Range(35, 40, 0);

    /** The same for a foot that points out 10° when the hip is neutral. */
    public static final Range FOOT_POINTS_OUT = new Range(35, 40, 10);

    private static final double NOTE = 5;
    private static final double CAUTION = 15;
    private static final double CHANGE = 30;

    /**
     * How far a hip turns.
     *
     * @param inward degrees, at least 0
     * @param outward degrees, at least 0
     * @param thighFoot degrees the foot points out when the hip is neutral
     */
    public record Range(double inward, double outward, double thighFoot) {

        /** {@return the part of a turn-out that the hip gives} */
        double given(double turnout) {
            return Math.clamp(turnout - thighFoot, -inward, outward);
        }
    }

    /** What to say of a twist. */
    public enum Level {
        NONE("none"),
        NOTE("note"),
        CAUTION("caution"),
        CHANGE_THE_FOOT("change the foot");

        private final String word;

        Level(String word) {
            this.word = word;
        }

        public String word() {
            return word;
        }
    }

    /** {@return the twist of a foot under a pelvis, the shorter way round} */
    public static HipTwist of(Side side, Bearing foot, Bearing pelvis) {
        return turned(side, pelvis.turnTo(foot).degrees());
    }

    /** {@return the twist of a foot turned by degrees clockwise from the pelvis; whole turns are kept} */
    public static HipTwist turned(Side side, double degrees) {
        return new HipTwist(side.sign() * degrees);
    }

    /** {@return the degrees the hip gives} */
    public double given(Range range) {
        return range.given(turnout);
    }

    /** {@return the degrees beyond the hip's range, outward positive} */
    public double excess(Range range) {
        return turnout - range.thighFoot() - range.given(turnout);
    }

    /** {@return what to say of it, for a flat foot that bears enough for the floor to hold it} */
    public Level level() {
        return level(CONSERVATIVE);
    }

    /** {@return the same for a hip of another range} */
    public Level level(Range range) {
        double beyond = Math.abs(excess(range));
        if (beyond <= NOTE) {
            return Level.NONE;
        }
        if (beyond <= CAUTION) {
            return Level.NOTE;
        }
        return beyond <= CHANGE ? Level.CAUTION : Level.CHANGE_THE_FOOT;
    }
}
