/**
 * The closed set of things that move, each a value without behaviour.
 *
 * <p>What a move means for performing, mirroring, checking, saying and writing is one exhaustive switch each, without a
 * default. Open {@link app.avrel.posture.move.Move} first. Null is refused throughout; what is not said is an empty
 * Optional.
 */
package app.avrel.posture.move;
