package app.avrel.files;

import app.avrel.project.Project;

/** What came of opening a file. */
public sealed interface Opened {

    record Read(Project project) implements Opened {}

    /**
     * Nothing was read and nothing was changed.
     *
     * @param message what is wrong, where, and what to do
     */
    record Refused(String message) implements Opened {}
}
