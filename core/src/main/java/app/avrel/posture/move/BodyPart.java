package app.avrel.posture.move;

/** What a turn of the body carries. */
public enum BodyPart {
    /** The body: what "turn" and "waist" mean. The chest turns so far; the pelvis goes along as far as both hips allow. */
    WHOLE,
    /** The pelvis, which carries the chest. */
    HIPS,
    /** The chest alone, against the pelvis. */
    CHEST
}
