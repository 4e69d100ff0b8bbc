package app.avrel.lesson;

import app.avrel.posture.count.CueLevel;

/**
 * One of the times a segment is done.
 *
 * @param level how much is said
 * @param seconds of moving, or of speaking where nobody moves
 * @param pausing seconds of the pause after it
 */
public record Pass(CueLevel level, double seconds, double pausing) {}
