/**
 * Saying moves, lengths and mismatches in plain words.
 *
 * <p>Open {@link app.avrel.words.Wording} first. Sentences carry every number, so that feet and weight can be rebuilt
 * from them alone. Null is refused throughout.
 */
package app.avrel.words;
