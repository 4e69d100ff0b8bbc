/**
 * One reader per kind of move: which words it takes from a clause, what they come to, and what the reading costs.
 *
 * <p>Open {@link app.avrel.words.reading.frame.Frames} first.
 */
package app.avrel.words.reading.frame;
