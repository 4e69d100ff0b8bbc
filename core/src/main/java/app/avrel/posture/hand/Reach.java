package app.avrel.posture.hand;

/**
 * How far a hand is from its shoulder.
 *
 * @param percent of the arm's length, 0 to 100
 */
public record Reach(int percent) {

    public static final Reach CLOSE = new Reach(30);
    public static final Reach ROUNDED = new Reach(60);
    public static final Reach EXTENDED = new Reach(90);

    public Reach {
        if (percent < 0 || percent > 100) {
            throw new IllegalArgumentException("reach must be 0 to 100 percent of the arm, but was " + percent);
        }
    }
}
