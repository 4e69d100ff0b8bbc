/**
 * Two states of one project that both come from a third, put together part by part.
 *
 * <p>Open {@link app.avrel.project.merging.Merging}. It knows projects and nothing of files.
 */
package app.avrel.project.merging;
