/**
 * Postures and forms as plain notes: read in, with a table of what was understood, and written out again.
 *
 * <p>Open {@link app.avrel.project.notes.NotesIn} first.
 */
package app.avrel.project.notes;
