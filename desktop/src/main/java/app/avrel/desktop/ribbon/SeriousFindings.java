package app.avrel.desktop.ribbon;

import app.avrel.form.FormId;
import app.avrel.form.Moment;
import app.avrel.form.Occurrence;
import app.avrel.rules.Finding;
import app.avrel.rules.Where;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** How many findings are more than notes, by the place they are at. */
final class SeriousFindings {

    private final FormId form;
    private final Map<Where, Integer> at = new HashMap<>();

    /** Postures and entries that anything was found in: of most there is nothing to count. */
    private final Set<Object> marked = new HashSet<>();

    SeriousFindings(List<Finding> found, FormId form) {
        this.form = form;
        for (Finding finding : found) {
            if (finding.serious()) {
                at.merge(finding.where(), 1, Integer::sum);
                marked.add(
                        switch (finding.where()) {
                            case Where.InPosture(var posture, var _) -> posture;
                            case Where.InForm(var _, int entry, var _) -> entry;
                        });
            }
        }
    }

    int at(Occurrence done, Moment.Place place) {
        boolean posture = place.section() == Moment.Section.POSTURE;
        if (!marked.contains(posture ? done.posture().id() : (Object) done.entry())) {
            return 0;
        }
        Optional<Integer> count = Optional.of(place.count());
        return at.getOrDefault(
                posture ? new Where.InPosture(done.posture().id(), count) : new Where.InForm(form, done.entry(), count),
                0);
    }
}
