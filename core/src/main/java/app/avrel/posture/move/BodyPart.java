package app.avrel.posture.move;

/** What a turn of the body carries. */
public enum BodyPart {
    /** Hips and chest together: what "turn" and "waist" mean. */
    WHOLE,
    /** The chest alone, against the hips. */
    CHEST
}
