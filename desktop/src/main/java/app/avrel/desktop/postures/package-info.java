/**
 * The postures room: the shelf, the floor, and the cards for a count and for a posture.
 *
 * <p>Open {@link app.avrel.desktop.postures.PosturesRoom} first; {@link app.avrel.desktop.postures.MoveFields} says which
 * fields each move has.
 */
package app.avrel.desktop.postures;
