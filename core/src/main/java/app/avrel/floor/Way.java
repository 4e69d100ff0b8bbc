package app.avrel.floor;

/** Which way round a turn goes. */
public enum Way {
    LEFT,
    RIGHT,
    SHORTER;

    /** {@return the same way in a mirror} */
    public Way mirrored() {
        return switch (this) {
            case LEFT -> RIGHT;
            case RIGHT -> LEFT;
            case SHORTER -> SHORTER;
        };
    }
}
