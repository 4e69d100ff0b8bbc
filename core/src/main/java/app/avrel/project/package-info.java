/**
 * The document: one school's work as one immutable value, its edits, and the history of its past values.
 *
 * <p>Open {@link app.avrel.project.Project} first, then {@link app.avrel.project.History}. Null is refused throughout.
 */
package app.avrel.project;
