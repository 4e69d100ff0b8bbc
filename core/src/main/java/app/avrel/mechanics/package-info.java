/**
 * What a pose means for a body: where its weight is, how its feet stand to each other, what its stance is called.
 *
 * <p>Pure functions over {@link app.avrel.motion.Pose} and {@link app.avrel.body.Body}, in metres and degrees. Open
 * {@link app.avrel.mechanics.Spacing} first. Null is refused throughout.
 */
package app.avrel.mechanics;
