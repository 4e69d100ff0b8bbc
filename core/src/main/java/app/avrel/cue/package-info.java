/**
 * What is said and when: cue scripts made from a track, and how long words take to say.
 *
 * <p>Seconds. Open {@link app.avrel.cue.CueScript} first. Null is refused throughout.
 */
package app.avrel.cue;
