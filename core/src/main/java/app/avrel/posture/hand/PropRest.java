package app.avrel.posture.hand;

/** What a prop lies against besides the hand that holds it. */
public enum PropRest {
    /** Along the forearm of the hand that holds it. */
    OWN_FOREARM,
    /** Against the forearm of the other arm. */
    OTHER_FOREARM,
    /** With an end on the floor. */
    FLOOR,
    /** At the side of the body. */
    SIDE
}
