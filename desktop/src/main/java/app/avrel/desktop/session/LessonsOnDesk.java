package app.avrel.desktop.session;

import app.avrel.label.Labels;
import app.avrel.label.Language;
import app.avrel.project.Analysis;
import app.avrel.project.Lessons;
import java.util.Optional;

/** The lessons of what is on the desk, worked out; what an edit leaves as it is is not worked out again. */
final class LessonsOnDesk {

    /** Lessons worked out, and of what. */
    private record Worked(Analysis of, Language language, Lessons lessons) {}

    private Optional<Worked> worked = Optional.empty();

    /** {@return the lessons of a survey} */
    Lessons of(Analysis now) {
        Language spoken = Labels.language();
        Optional<Worked> known = worked.filter(was -> was.language() == spoken);
        if (known.filter(was -> was.of() == now).isEmpty()) {
            Lessons lessons = known.map(was -> was.lessons().after(now)).orElseGet(() -> new Lessons(now, spoken));
            worked = Optional.of(new Worked(now, spoken, lessons));
        }
        return worked.orElseThrow().lessons();
    }
}
