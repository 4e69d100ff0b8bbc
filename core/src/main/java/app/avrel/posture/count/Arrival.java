package app.avrel.posture.count;

/** Whether hands take the whole count or only their own stage. */
public enum Arrival {
    /** Hands move all through the count and arrive with its end. */
    THROUGHOUT,
    /** Hands wait for the stage they stand in. */
    BY_STAGE
}
