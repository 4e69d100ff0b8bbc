package app.avrel.project;

import app.avrel.posture.Posture;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;

/**
 * What postures raise for learners, remembered as long as posture, learners and setting are what they were.
 *
 * <p>May be asked from several threads.
 */
public final class CareBook {

    /** So many postures are remembered at most. */
    private static final int MOST = 1000;

    private record Key(Posture posture, List<Learner> learners, Setting setting) {}

    private final Map<Key, List<Precautions.Raised>> known = new ConcurrentHashMap<>();

    /** {@return for each learner for whom there is something to take care of the first thing there is} */
    public List<Precautions.Raised> of(Project project, Posture posture) {
        if (known.size() > MOST) {
            known.clear();
        }
        Key key = new Key(posture, project.learners(), project.setting());
        List<Precautions.Raised> before = known.get(key);
        if (before != null) {
            return before;
        }
        Precautions precautions = new Precautions(project);
        List<Precautions.Raised> raised = project.learners().stream()
                .flatMap(learner -> precautions.of(learner, posture).stream().limit(1))
                .toList();
        known.put(key, raised);
        return raised;
    }
}
