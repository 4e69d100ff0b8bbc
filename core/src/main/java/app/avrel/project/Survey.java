package app.avrel.project;

import app.avrel.form.Form;
import app.avrel.form.FormId;
import app.avrel.form.Track;
import app.avrel.form.Unroll;
import app.avrel.motion.Posing;
import app.avrel.posture.Posture;
import app.avrel.posture.PostureId;
import app.avrel.rules.Checkup;
import app.avrel.rules.Finding;
import app.avrel.rules.Fix;
import app.avrel.rules.Mending;
import app.avrel.rules.Where;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * Everything computed from a project: tracks and findings.
 *
 * @param postures every posture by itself, in the order of the shelf
 * @param forms every form
 * @param findings what is to be looked at: postures first, then forms
 * @param standing what was found and accepted for a reason
 */
public record Survey(
        Project project,
        Map<PostureId, Looked> postures,
        Map<FormId, LookedForm> forms,
        List<Finding> findings,
        List<Finding> standing) {

    /** A track and what was found on it. */
    public record Looked(Track track, List<Finding> found) {
        public Looked {
            found = List.copyOf(found);
        }
    }

    /**
     * The same of a form.
     *
     * @param each what was found in each doing, so that after an edit only what is other is looked at again
     */
    public record LookedForm(Track track, List<Checkup.Looked> each, List<Finding> found) {
        public LookedForm {
            each = List.copyOf(each);
            found = List.copyOf(found);
        }
    }

    /** {@return the survey of a project} */
    public static Survey of(Project project) {
        return new Pass(project, Optional.empty()).survey();
    }

    /**
     * {@return the survey of this project after a change}
     *
     * <p>What the change cannot touch is taken over: postures that are the same values under the same setting, forms of
     * which that is true with all they draw on, and in other forms every doing that is as it was and where it was.
     */
    public Survey after(Project changed) {
        boolean sameFrame = changed.setting().equals(project.setting());
        return new Pass(changed, sameFrame ? Optional.of(this) : Optional.empty()).survey();
    }

    /** One look at everything. */
    private record Pass(Project project, Optional<Survey> known) {

        Survey survey() {
            Posing posing = project.setting().posing();
            Checkup checkup = new Checkup(posing, project.setting().directions());
            Map<PostureId, Looked> postures = new LinkedHashMap<>();
            for (Posture posture : project.postures()) {
                postures.put(posture.id(), known(posture).orElseGet(() -> looked(posture, checkup)));
            }
            Map<FormId, LookedForm> forms = new LinkedHashMap<>();
            for (Form form : project.forms()) {
                Checkup own =
                        new Checkup(project.posing(form), project.setting().directions());
                forms.put(form.id(), known(form).orElseGet(() -> looked(form, own)));
            }
            Set<Finding> all = new LinkedHashSet<>();
            postures.values().forEach(one -> all.addAll(one.found()));
            forms.values().forEach(one -> all.addAll(one.found()));
            Map<Boolean, List<Finding>> parted = all.stream()
                    .collect(Collectors.partitioningBy(
                            finding -> project.reason(finding).isPresent()));
            return new Survey(project, postures, forms, parted.get(false), parted.get(true));
        }

        private Optional<Looked> known(Posture posture) {
            return known.filter(before -> same(before, posture.id(), posture))
                    .map(before -> before.postures().get(posture.id()));
        }

        private static boolean same(Survey before, PostureId id, Posture posture) {
            return before.project().posture(id).filter(was -> was == posture).isPresent();
        }

        private Optional<LookedForm> known(Form form) {
            return known.filter(before -> before.project()
                            .form(form.id())
                            .filter(was -> was == form)
                            .isPresent())
                    .filter(before -> before.project().links() == project.links()
                            || before.project().links().equals(project.links()))
                    .filter(before -> form.entries().stream().allMatch(entry -> unchanged(before, entry.posture())))
                    .map(before -> before.forms().get(form.id()));
        }

        private boolean unchanged(Survey before, PostureId id) {
            Optional<Posture> was = before.project().posture(id);
            Optional<Posture> is = project.posture(id);
            return was.isPresent() == is.isPresent() && (was.isEmpty() || was.get() == is.get());
        }

        private Looked looked(Posture posture, Checkup checkup) {
            Track track = Unroll.posture(posture, checkup.posing());
            return new Looked(track, checkup.posture(track));
        }

        private LookedForm looked(Form form, Checkup checkup) {
            Optional<Survey> alike = known.filter(survey -> survey.project()
                    .form(form.id())
                    .filter(was -> was.rules().equals(form.rules()))
                    .isPresent());
            Optional<Unroll.Known> was = alike.map(survey -> new Unroll.Known(
                    survey.project().form(form.id()).orElseThrow(),
                    survey.project().shelf(),
                    survey.forms().get(form.id()).track()));
            Track track = Unroll.form(form, project.shelf(), checkup.posing(), was);
            List<Checkup.Looked> before =
                    alike.map(survey -> survey.forms().get(form.id()).each()).orElse(List.of());
            List<Checkup.Looked> each = checkup.each(form, track, before);
            return new LookedForm(track, each, checkup.all(form, track, each));
        }
    }

    public Optional<Track> track(PostureId posture) {
        return Optional.ofNullable(postures.get(posture)).map(Looked::track);
    }

    public Optional<Track> track(FormId form) {
        return Optional.ofNullable(forms.get(form)).map(LookedForm::track);
    }

    /** {@return the findings that are more than notes} */
    public List<Finding> serious() {
        return findings.stream().filter(Finding::serious).toList();
    }

    /** {@return a sound way to mend a finding, where there is one} */
    public Optional<Fix> fix(Finding finding) {
        Checkup checkup =
                new Checkup(project.setting().posing(), project.setting().directions());
        return finding.where() instanceof Where.InPosture(PostureId id, var _)
                ? project.posture(id).flatMap(posture -> new Mending(posture, checkup).fix(finding))
                : Optional.empty();
    }
}
