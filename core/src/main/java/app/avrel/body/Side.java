package app.avrel.body;

/** Left or right, always the learner's own. */
public enum Side {
    LEFT,
    RIGHT;

    public Side other() {
        return this == LEFT ? RIGHT : LEFT;
    }

    /** {@return -1 for left, +1 for right: the sign of this side across the body} */
    public int sign() {
        return this == LEFT ? -1 : 1;
    }

    /** {@return {@code left} or {@code right}} */
    public String word() {
        return this == LEFT ? "left" : "right";
    }
}
