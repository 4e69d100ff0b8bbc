package app.avrel.project;

import app.avrel.form.Form;
import app.avrel.form.FormId;
import app.avrel.form.Shelf;
import app.avrel.form.Track;
import app.avrel.form.Unroll;
import app.avrel.motion.Posing;
import app.avrel.posture.Posture;
import app.avrel.posture.PostureId;
import app.avrel.rules.Checkup;
import app.avrel.rules.Finding;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Everything computed from a project in one pass: tracks and findings.
 *
 * @param postures the track of every posture by itself, in the order of the shelf
 * @param forms the track of every form
 * @param findings postures first, then forms
 */
public record Survey(
        Project project, Map<PostureId, Track> postures, Map<FormId, Track> forms, List<Finding> findings) {

    /** {@return the survey of a project} */
    public static Survey of(Project project) {
        Posing posing = project.setting().posing();
        Checkup checkup = new Checkup(posing, project.setting().directions());
        Shelf shelf = project.shelf();
        List<Finding> findings = new ArrayList<>();
        Map<PostureId, Track> postures = new LinkedHashMap<>();
        for (Posture posture : project.postures()) {
            Track track = Unroll.posture(posture, posing);
            postures.put(posture.id(), track);
            findings.addAll(checkup.posture(track));
        }
        Map<FormId, Track> forms = new LinkedHashMap<>();
        for (Form form : project.forms()) {
            Track track = Unroll.form(form, shelf, posing);
            forms.put(form.id(), track);
            checkup.form(form, track).stream()
                    .filter(finding -> !findings.contains(finding))
                    .forEach(findings::add);
        }
        return new Survey(project, postures, forms, List.copyOf(findings));
    }

    public Optional<Track> track(PostureId posture) {
        return Optional.ofNullable(postures.get(posture));
    }

    public Optional<Track> track(FormId form) {
        return Optional.ofNullable(forms.get(form));
    }

    /** {@return the findings that are more than notes} */
    public List<Finding> serious() {
        return findings.stream().filter(Finding::serious).toList();
    }
}
