package app.avrel.project;

import app.avrel.form.Form;
import app.avrel.form.FormId;
import app.avrel.form.Track;
import app.avrel.label.Labels;
import app.avrel.motion.Performer;
import app.avrel.posture.Posture;
import app.avrel.posture.PostureId;
import app.avrel.posture.Start;
import app.avrel.rules.Finding;
import app.avrel.rules.Where;
import app.avrel.rules.check.Checkup;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * Everything computed from a project: tracks and findings.
 *
 * <p>Postures and forms are looked at when they are first asked for, and never again while they stay as they are.
 */
public final class Analysis {

    /** A track and what was found on it. */
    public record Looked(Track track, List<Finding> found) {
        public Looked {
            found = List.copyOf(found);
        }
    }

    /** What was found, and what of it was accepted for a reason. */
    private record Found(List<Finding> open, List<Finding> standing) {}

    private final Project project;
    private final Map<PostureId, PostureLook> postures;
    private final Map<FormId, FormLook> forms;
    private Optional<Found> found = Optional.empty();

    private Analysis(Project project, Map<PostureId, PostureLook> postures, Map<FormId, FormLook> forms) {
        this.project = project;
        this.postures = postures;
        this.forms = forms;
    }

    /** {@return the survey of a project} */
    public static Analysis of(Project project) {
        return new Pass(project, Optional.empty()).survey();
    }

    /**
     * {@return the survey of this project after a change}
     *
     * <p>What the change cannot touch is taken over: postures that are the same values under the same setting, forms of
     * which that is true with all they draw on, and in other forms every doing that is as it was and where it was.
     */
    public Analysis after(Project changed) {
        boolean sameFrame = changed.setting().equals(project.setting())
                && changed.directions().equals(project.directions());
        return new Pass(changed, sameFrame ? Optional.of(this) : Optional.empty()).survey();
    }

    /** One look at everything. */
    private record Pass(Project project, Optional<Analysis> known) {

        Analysis survey() {
            Performer posing = project.setting().posing();
            Checkup checkup = new Checkup(posing, project.directions());
            Map<PostureId, PostureLook> postures = new LinkedHashMap<>();
            for (Posture posture : project.postures()) {
                postures.put(posture.id(), known(posture).orElseGet(() -> new PostureLook(posture, checkup)));
            }
            Map<FormId, FormLook> forms = new LinkedHashMap<>();
            for (Form form : project.forms()) {
                forms.put(form.id(), known(form).orElseGet(() -> look(form)));
            }
            return new Analysis(project, postures, forms);
        }

        private Optional<PostureLook> known(Posture posture) {
            return known.filter(before -> same(before, posture.id(), posture))
                    .map(before -> before.postures.get(posture.id()));
        }

        private static boolean same(Analysis before, PostureId id, Posture posture) {
            return before.project.posture(id).filter(was -> was == posture).isPresent();
        }

        private Optional<FormLook> known(Form form) {
            return known.filter(before -> before.project
                            .form(form.id())
                            .filter(was -> was == form)
                            .isPresent())
                    .filter(before -> before.project.links() == project.links()
                            || before.project.links().equals(project.links()))
                    .filter(before -> form.entries().stream().allMatch(entry -> unchanged(before, entry.posture())))
                    .map(before -> before.forms.get(form.id()));
        }

        private boolean unchanged(Analysis before, PostureId id) {
            Optional<Posture> was = before.project.posture(id);
            Optional<Posture> is = project.posture(id);
            return was.isPresent() == is.isPresent() && (was.isEmpty() || was.get() == is.get());
        }

        private FormLook look(Form form) {
            Optional<FormLook.Found> before = known.map(survey -> survey.forms.get(form.id()))
                    .flatMap(FormLook::known)
                    .filter(was -> was.form().rules().equals(form.rules()));
            Checkup checkup = new Checkup(project.posing(form), project.directions());
            return new FormLook(form, project.shelf(), checkup, before);
        }
    }

    public Project project() {
        return project;
    }

    /** {@return every posture by itself, in the order of the shelf} */
    public Map<PostureId, Looked> postures() {
        Map<PostureId, Looked> all = new LinkedHashMap<>();
        postures.forEach((id, look) -> all.put(id, look.looked()));
        return all;
    }

    public Optional<Track> track(PostureId posture) {
        return Optional.ofNullable(postures.get(posture))
                .map(look -> look.looked().track());
    }

    public Optional<Track> track(FormId form) {
        return Optional.ofNullable(forms.get(form)).map(look -> look.found().track());
    }

    /** {@return what is to be looked at: postures first, then forms} */
    public List<Finding> findings() {
        return all().open();
    }

    /** {@return what was found and accepted for a reason} */
    public List<Finding> standing() {
        return all().standing();
    }

    private synchronized Found all() {
        if (found.isEmpty()) {
            List<Supplier<List<Finding>>> looks = new ArrayList<>();
            forms.values().forEach(one -> looks.add(() -> one.found().findings().all()));
            postures.values().forEach(one -> looks.add(() -> one.looked().found()));
            List<List<Finding>> each = Labels.each(looks, Supplier::get);
            int ofForms = forms.size();
            Set<Finding> all = new LinkedHashSet<>();
            each.subList(ofForms, each.size()).forEach(all::addAll);
            each.subList(0, ofForms).forEach(all::addAll);
            Map<Boolean, List<Finding>> open = all.stream().collect(Collectors.partitioningBy(this::open));
            found = Optional.of(new Found(
                    List.copyOf(open.getOrDefault(true, List.of())), List.copyOf(open.getOrDefault(false, List.of()))));
        }
        return found.get();
    }

    private boolean open(Finding finding) {
        return project.reason(finding).isEmpty();
    }

    /**
     * {@return what is to be looked at in a posture}
     *
     * <p>No form is asked, but where the posture starts as the one before it ends: only there is it seen whole.
     */
    public List<Finding> findings(PostureId posture) {
        boolean carried = project.posture(posture)
                .filter(one -> one.start() instanceof Start.Carried)
                .isPresent();
        return carried
                ? whereItIsDone(posture)
                : Objects.requireNonNull(postures.get(posture)).looked().found().stream()
                        .filter(this::open)
                        .toList();
    }

    private List<Finding> whereItIsDone(PostureId posture) {
        Stream<Finding> alone = Objects.requireNonNull(postures.get(posture)).looked().found().stream();
        Stream<Finding> inForms = forms.values().stream()
                .filter(look -> look.does(posture))
                .flatMap(look -> look.found().findings().all().stream());
        return Stream.concat(alone, inForms)
                .distinct()
                .filter(finding -> open(finding) && in(posture, finding))
                .toList();
    }

    private static boolean in(PostureId posture, Finding finding) {
        return finding.where() instanceof Where.InPosture(PostureId id, var _) && id.equals(posture);
    }

    /** {@return the findings that are more than notes} */
    public List<Finding> serious() {
        return findings().stream().filter(Finding::serious).toList();
    }

    /** {@return a sound way to mend a finding, where there is one} */
    public Optional<Mend> fix(Finding finding) {
        return new Mending(this).of(finding);
    }

    /** {@return all that is found, whether it stands accepted or not} */
    Set<Finding> everything() {
        Set<Finding> all = new LinkedHashSet<>(findings());
        all.addAll(standing());
        return all;
    }

    /** Two surveys are equal where the same was found of the same, at once or bit by bit. */
    @Override
    public boolean equals(Object other) {
        return this == other
                || other instanceof Analysis survey
                        && project.equals(survey.project)
                        && postures().equals(survey.postures())
                        && all().equals(survey.all())
                        && forms.keySet().stream().allMatch(form -> track(form).equals(survey.track(form)));
    }

    @Override
    public int hashCode() {
        return project.hashCode();
    }
}
