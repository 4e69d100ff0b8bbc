/**
 * Projects on disk: the open format in and out, atomic saving, and the recovery file.
 *
 * <p>A {@link app.avrel.files.Shape} describes how each type of the record is written; reading, writing and the
 * published schema follow from it. Open {@link app.avrel.files.ProjectFile} first. What a user can cause is a value
 * that says what is wrong and where, never an exception. Null is refused throughout.
 */
package app.avrel.files;
