package app.avrel.project;

import app.avrel.cue.Pronunciation;
import app.avrel.form.Entry;
import app.avrel.form.Form;
import app.avrel.form.FormId;
import app.avrel.form.Link;
import app.avrel.form.LinkId;
import app.avrel.form.WayIn;
import app.avrel.label.Labels;
import app.avrel.posture.Posture;
import app.avrel.posture.PostureId;
import app.avrel.words.lexicon.TaughtWord;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;

/**
 * Postures and forms of another project brought into this one.
 *
 * <p>A form brings the postures and shared ways in that it draws on. What is here already, alike, is not brought twice; what
 * is here under the same id and is otherwise clashes: it is kept as it is here, taken as it is there, or both are kept.
 *
 * @param here the project that is brought into
 * @param there the other
 */
public record ProjectImport(Project here, Project there) {

    /** What is done about a clash. */
    public enum Clashes {
        KEEP_OURS("keep ours"),
        TAKE_THEIRS("take theirs"),
        KEEP_BOTH("keep both");

        private final String words;

        Clashes(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /**
     * What came of it.
     *
     * @param report what was brought, was here already, or clashed, a line each
     */
    public record Result(Project project, List<String> report) {
        public Result {
            report = List.copyOf(report);
        }
    }

    /** {@return what would come of bringing these over} */
    public Result of(List<PostureId> postures, List<FormId> forms, Clashes clashes) {
        return new Pass(clashes).result(postures, forms);
    }

    /** {@return how a posture stands to the one of its id here: in words; empty where there is none} */
    public Optional<String> clash(PostureId id) {
        Optional<Posture> ours = here.posture(id);
        Optional<Posture> theirs = there.posture(id);
        return ours.isPresent() && theirs.isPresent() && !ours.equals(theirs)
                ? Optional.of(difference(ours.get(), theirs.get()))
                : Optional.empty();
    }

    private static String difference(Posture ours, Posture theirs) {
        List<String> said = new ArrayList<>();
        if (ours.counts().size() != theirs.counts().size()) {
            said.add(Labels.say(
                    "keep.ours_has", ours.counts().size(), theirs.counts().size()));
        } else if (!ours.counts().equals(theirs.counts())) {
            said.add(Labels.say("keep.counts_otherwise"));
        }
        if (!ours.start().equals(theirs.start())) {
            said.add(Labels.say("keep.starts_otherwise"));
        }
        if (!ours.end().equals(theirs.end())) {
            said.add(Labels.say("keep.other_end"));
        }
        return said.isEmpty() ? Labels.say("keep.names_otherwise") : String.join("; ", said);
    }

    /** One bringing over. */
    private final class Pass {

        private final Clashes clashes;
        private final List<String> report = new ArrayList<>();
        private final Map<PostureId, PostureId> postureIds = new HashMap<>();
        private final Map<LinkId, LinkId> linkIds = new HashMap<>();
        private Project project = here;

        Pass(Clashes clashes) {
            this.clashes = clashes;
        }

        Result result(List<PostureId> postures, List<FormId> forms) {
            Set<PostureId> wanted = new LinkedHashSet<>(postures);
            Set<LinkId> links = new LinkedHashSet<>();
            for (FormId id : forms) {
                there.form(id)
                        .ifPresent(form -> form.entries().forEach(entry -> {
                            wanted.add(entry.posture());
                            entry.ways().forEach(way -> shared(way).ifPresent(links::add));
                        }));
            }
            wanted.forEach(id -> there.posture(id).ifPresent(this::posture));
            links.forEach(this::link);
            forms.forEach(id -> there.form(id).ifPresent(this::form));
            rules();
            words();
            return new Result(project, report);
        }

        /** The school's own words come along; where a phrase means something else here, it stays so. */
        private void words() {
            for (TaughtWord word : there.setting().taught()) {
                boolean known = project.setting().taught().stream()
                        .anyMatch(ours -> ours.language() == word.language()
                                && ours.phrase().equalsIgnoreCase(word.phrase()));
                if (!known) {
                    project = project.withSetting(project.setting().teaching(word));
                    report.add(Labels.say("keep.word_brought", word.phrase()));
                }
            }
            sounds();
        }

        private void sounds() {
            List<Pronunciation> all = new ArrayList<>(project.setting().sounds());
            for (Pronunciation sound : there.setting().sounds()) {
                boolean known = all.stream()
                        .anyMatch(ours -> ours.language() == sound.language()
                                && ours.written().equalsIgnoreCase(sound.written()));
                if (!known) {
                    all.add(sound);
                    report.add(Labels.say("keep.sound_brought", sound.written()));
                }
            }
            project = project.withSetting(project.setting().withSounds(all));
        }

        private static Optional<LinkId> shared(WayIn way) {
            return way instanceof WayIn.Shared(LinkId link, var _) ? Optional.of(link) : Optional.empty();
        }

        private void posture(Posture theirs) {
            Optional<Posture> ours = project.posture(theirs.id());
            postureIds.put(theirs.id(), theirs.id());
            if (ours.isEmpty()) {
                add(theirs);
                report.add(Labels.say("keep.is_new", theirs.name()));
            } else if (ours.get().equals(theirs)) {
                report.add(Labels.say("keep.is_here", theirs.name()));
            } else {
                clashing(theirs, difference(ours.get(), theirs));
            }
        }

        private void clashing(Posture theirs, String how) {
            String said = Labels.say("keep.clashes", theirs.name(), how) + " ";
            switch (clashes) {
                case KEEP_OURS -> report.add(said + Labels.say("keep.ours_kept"));
                case TAKE_THEIRS -> {
                    project = project.changePosture(theirs.id(), _ -> theirs);
                    report.add(said + Labels.say("keep.theirs_taken"));
                }
                case KEEP_BOTH -> {
                    PostureId fresh = project.freshPostureId(theirs.name());
                    postureIds.put(theirs.id(), fresh);
                    add(theirs.withId(fresh));
                    report.add(said + Labels.say("keep.both_on_shelf"));
                }
            }
        }

        private void add(Posture posture) {
            List<Posture> all = new ArrayList<>(project.postures());
            all.add(posture);
            project = project.withPostures(all);
        }

        private void link(LinkId id) {
            Link theirs = there.links().get(id);
            Link ours = project.links().get(id);
            linkIds.put(id, id);
            if (theirs == null || theirs.equals(ours)) {
                return;
            }
            boolean both = ours != null && clashes == Clashes.KEEP_BOTH;
            LinkId as = both ? fresh(id) : id;
            linkIds.put(id, as);
            if (ours == null || clashes != Clashes.KEEP_OURS) {
                Map<LinkId, Link> all = new TreeMap<>(project.links());
                all.put(as, theirs);
                project = project.withLinks(all);
            }
            report.add(
                    ours == null
                            ? Labels.say("keep.way_new", theirs.name())
                            : Labels.say("keep.way_clashes", theirs.name(), Labels.say(done(clashes))));
        }

        private static String done(Clashes clashes) {
            return switch (clashes) {
                case KEEP_OURS -> "keep.ours_kept";
                case TAKE_THEIRS -> "keep.theirs_taken";
                case KEEP_BOTH -> "keep.both_kept";
            };
        }

        private LinkId fresh(LinkId id) {
            int next = 2;
            while (project.links().containsKey(new LinkId(id.key() + "-" + next))) {
                next++;
            }
            return new LinkId(id.key() + "-" + next);
        }

        /** A form is always brought as one of its own: two schools' versions are there to be compared. */
        private void form(Form theirs) {
            Form mapped = mapped(theirs);
            if (project.forms().contains(mapped)) {
                report.add(Labels.say("keep.form_here", theirs.name()));
                return;
            }
            boolean taken = project.form(theirs.id()).isPresent();
            Form added = taken ? mapped.withId(project.freshFormId(theirs.name())) : mapped;
            List<Form> all = new ArrayList<>(project.forms());
            all.removeIf(form -> form.entries().isEmpty() && project.forms().size() == 1 && !taken);
            all.add(added);
            project = project.withForms(all);
            report.add(Labels.say(taken ? "keep.form_beside" : "keep.form_new", theirs.name()));
        }

        private Form mapped(Form form) {
            return form.withParts(form.parts().stream()
                    .map(part -> part.withEntries(
                            part.entries().stream().map(this::mapped).toList()))
                    .toList());
        }

        private Entry mapped(Entry entry) {
            return entry.withPosture(postureIds.getOrDefault(entry.posture(), entry.posture()))
                    .withWays(entry.ways().stream().map(this::mapped).toList());
        }

        private WayIn mapped(WayIn way) {
            return switch (way) {
                case WayIn.Own own -> own;
                case WayIn.Shared(LinkId id, var played) -> new WayIn.Shared(linkIds.getOrDefault(id, id), played);
            };
        }

        private void rules() {
            String ours = here.setting().rules().name();
            String theirs = there.setting().rules().name();
            if (!here.setting().rules().equals(there.setting().rules())) {
                report.add(Labels.say("keep.other_rules", theirs, ours));
            }
        }
    }
}
