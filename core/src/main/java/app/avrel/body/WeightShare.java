package app.avrel.body;

/**
 * How the weight is shared between the feet, as far as it is known: an interval of the left foot's percent.
 *
 * @param leastLeft whole percent on the left foot at least, 0 to 100
 * @param mostLeft whole percent on the left foot at most, {@code leastLeft} to 100
 */
public record WeightShare(int leastLeft, int mostLeft) {

    public static final WeightShare EVEN = left(50);
    public static final WeightShare UNKNOWN = new WeightShare(0, 100);

    public WeightShare {
        if (leastLeft < 0 || leastLeft > 100) {
            throw new IllegalArgumentException("left share must be 0 to 100 percent, but was " + leastLeft);
        }
        if (mostLeft < leastLeft || mostLeft > 100) {
            throw new IllegalArgumentException(
                    "left share at most must be " + leastLeft + " to 100 percent, but was " + mostLeft);
        }
    }

    /** {@return exactly {@code percent} on the left foot} */
    public static WeightShare left(int percent) {
        return new WeightShare(percent, percent);
    }

    /** {@return exactly {@code percent} on the given foot} */
    public static WeightShare on(Side side, int percent) {
        return side == Side.LEFT ? left(percent) : left(100 - percent);
    }

    /** {@return between {@code least} and {@code most} percent on the given foot} */
    public static WeightShare on(Side side, int least, int most) {
        return side == Side.LEFT ? new WeightShare(least, most) : new WeightShare(100 - most, 100 - least);
    }

    public boolean exact() {
        return leastLeft == mostLeft;
    }

    /** {@return what the foot bears at least, whole percent} */
    public int least(Side side) {
        return side == Side.LEFT ? leastLeft : 100 - mostLeft;
    }

    /** {@return what the foot bears at most, whole percent} */
    public int most(Side side) {
        return side == Side.LEFT ? mostLeft : 100 - leastLeft;
    }

    /** {@return the middle of what is possible, percent on the given foot: for drawing, never for judging} */
    public double middle(Side side) {
        return (least(side) + most(side)) / 2.0;
    }

    /** {@return the foot that bears more as far as is known; the left one where they are alike} */
    public Side heavier() {
        return leastLeft + mostLeft >= 100 ? Side.LEFT : Side.RIGHT;
    }

    public WeightShare mirrored() {
        return new WeightShare(100 - mostLeft, 100 - leastLeft);
    }

    /** {@return by how many points the two must differ, given what is known of each; 0 where they may agree} */
    public int pointsFrom(WeightShare other) {
        return Math.max(0, Math.max(leastLeft - other.mostLeft, other.leastLeft - mostLeft));
    }
}
