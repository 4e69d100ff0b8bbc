/**
 * Those who learn: labels, statures, what to take care of, and which postures raise it.
 *
 * <p>Open {@link app.avrel.desktop.learners.LearnersSheet} first. Null is refused throughout.
 */
package app.avrel.desktop.learners;
