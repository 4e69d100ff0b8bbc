/**
 * A count and its stages, with beats, pace, breath, and the instructor's own words for it.
 *
 * <p>Beats are durations; what moves at the same time stands in one stage. Open {@link app.avrel.posture.count.Count}
 * first. Null is refused throughout; what the instructor has not said is an empty Optional.
 */
package app.avrel.posture.count;
