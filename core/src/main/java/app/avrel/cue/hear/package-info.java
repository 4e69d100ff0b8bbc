/**
 * Hears a spoken script against what is recorded: lays it along the counts of a form, and finds what was said wrongly,
 * too early or not at all.
 *
 * <p>Open {@link app.avrel.cue.hear.Hearing} first. Null is refused throughout.
 */
package app.avrel.cue.hear;
