package app.avrel.project.merging;

import app.avrel.project.Project;
import java.util.List;

/**
 * What came of putting two states together.
 *
 * @param project both, as one
 * @param ours what only we had changed
 * @param theirs what only they had changed
 * @param both what each had changed otherwise; one of the two is in the project
 */
public record Merged(Project project, List<Changed> ours, List<Changed> theirs, List<Changed> both) {

    public Merged {
        ours = List.copyOf(ours);
        theirs = List.copyOf(theirs);
        both = List.copyOf(both);
    }

    /** The parts of a project that are taken whole. */
    public enum Part {
        NAME,
        SETTING,
        POSTURE,
        WAY_IN,
        FORM,
        LESSON,
        COURSE,
        RECIPE,
        QUIZ,
        LEARNER,
        HALL,
        ACCEPTED
    }

    /**
     * A part that was changed, added or taken away.
     *
     * @param name as its school calls it
     */
    public record Changed(Part part, String name) {}
}
