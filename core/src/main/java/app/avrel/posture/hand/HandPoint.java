package app.avrel.posture.hand;

/** The point of a hand or arm whose height is said; the palm's centre unless another is. */
public enum HandPoint {
    PALM("palm"),
    FINGERTIPS("fingertips"),
    WRIST("wrist"),
    ELBOW("elbow");

    private final String word;

    HandPoint(String word) {
        this.word = word;
    }

    public String word() {
        return word;
    }
}
