/**
 * Where hands are, how they look and stand to each other, and what they hold.
 *
 * <p>Heights are landmarks, sideways places are shoulder halves, reaches percent of the arm. Open
 * {@link app.avrel.posture.hand.HandPlace} first. Null is refused throughout; what is not said is an empty Optional.
 */
package app.avrel.posture.hand;
