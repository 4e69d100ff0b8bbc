package app.avrel.cue;

import app.avrel.posture.count.CueLevel;
import app.avrel.words.say.Layer;

/**
 * How much is said of a performance.
 *
 * @param layer what of it is said
 * @param calls most calls a count, where it is called
 */
record Rung(CueLevel level, Layer layer, int calls, Reason why) {}
