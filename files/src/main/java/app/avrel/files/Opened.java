package app.avrel.files;

import app.avrel.project.Project;

/** What came of opening a file. */
public sealed interface Opened {

    /**
     * A project was read.
     *
     * @param foreign what a newer program had written and is kept when it is saved
     */
    record Read(Project project, ForeignFields foreign) implements Opened {}

    /**
     * Nothing was read and nothing was changed.
     *
     * @param message what is wrong, where, and what to do
     */
    record Refused(String message) implements Opened {}
}
