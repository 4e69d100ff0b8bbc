package app.avrel.project;

import app.avrel.rules.Fix;

/**
 * A fix and where it is made.
 *
 * @param holder the posture or the way in that is changed; one that is shared, for all who share it
 * @param fix in its counts
 */
public record Mend(Holder holder, Fix fix) {

    /** {@return what it does, as a request} */
    public String words() {
        return fix.words();
    }

    /** {@return the project with it made} */
    public Project applied(Project project) {
        return holder.change(project, fix::applied);
    }
}
