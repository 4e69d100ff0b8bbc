/**
 * What a teacher knows of a posture beside its counts: mistakes and how they are put right, cautions, gentler versions.
 *
 * <p>Open {@link app.avrel.posture.teaching.PostureSheet} first. Null is refused throughout.
 */
package app.avrel.posture.teaching;
