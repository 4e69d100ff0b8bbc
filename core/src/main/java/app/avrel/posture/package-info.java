/**
 * The record of a posture: its names, start, counts, stages and moves, and what the instructor claims of its end.
 *
 * <p>Inside a posture headings are relative to its own front: 0 is where its start faces. Moves are data without
 * behaviour; what one means for posing, mirroring, checking, saying and writing is one exhaustive switch each.
 * Open {@link app.avrel.posture.move.Move} first, then {@link app.avrel.posture.Posture}. Null is refused throughout;
 * what the instructor has not said is an empty Optional.
 */
package app.avrel.posture;
