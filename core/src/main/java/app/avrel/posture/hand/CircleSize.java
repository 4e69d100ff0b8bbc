package app.avrel.posture.hand;

/** How large a hand's circle is; smaller and larger are against the circle before. */
public enum CircleSize {
    SMALL,
    LARGE,
    SMALLER,
    LARGER
}
