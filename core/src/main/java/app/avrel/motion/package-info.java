/**
 * Poses, and what moves make of them.
 *
 * <p>A pose belongs to one body and one moment, in metres and hall headings. Open {@link app.avrel.motion.Pose}
 * first, then {@link app.avrel.motion.Performer}. Null is refused throughout; what is not known is an
 * {@link app.avrel.motion.Estimate} that says so.
 */
package app.avrel.motion;
