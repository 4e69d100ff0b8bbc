package app.avrel.words.reading.frame;

import app.avrel.motion.Pose;
import app.avrel.posture.count.Count;

/**
 * A count that was recorded before the line, which the line may point back to.
 *
 * @param before how one stood when it began
 */
public record Earlier(Count count, Pose before) {}
