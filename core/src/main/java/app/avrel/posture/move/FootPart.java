package app.avrel.posture.move;

/** The end of the foot that is raised. */
public enum FootPart {
    HEEL,
    TOES;

    /** {@return what then touches the floor} */
    public Contact leaves() {
        return this == HEEL ? Contact.BALL : Contact.HEEL;
    }
}
