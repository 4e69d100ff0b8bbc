/**
 * The cue room: what is said along a form or a lesson, when, and why so much of it.
 *
 * <p>Open {@link app.avrel.desktop.cues.CuesRoom} first. Null is refused throughout.
 */
package app.avrel.desktop.cues;
