/**
 * The floor: directions, turns and places on it, and the words people use for directions.
 *
 * <p>Metres and degrees. {@code right} and {@code ahead} are counted from where the form starts, as the performer
 * stands there; degrees go clockwise seen from above, 0 is the front. Open {@link app.avrel.floor.Heading} first.
 * Null is refused throughout.
 */
package app.avrel.floor;
