package app.avrel.project;

import app.avrel.body.Side;
import app.avrel.form.Entry;
import app.avrel.form.EntryId;
import app.avrel.form.Form;
import app.avrel.form.NameList;
import app.avrel.form.Part;
import app.avrel.form.Played;
import app.avrel.posture.NameSearch;
import app.avrel.posture.Posture;
import app.avrel.posture.PostureId;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * A form made from a list of names; postures that are not on the shelf yet come as empty cards to fill.
 *
 * @param project with the form and the new postures
 * @param form the new form
 * @param known how many names of the list are on the shelf already, each counted once
 * @param fresh how many are not
 */
public record ImportedPostures(Project project, Form form, int known, int fresh) {

    /** {@return the project with a form of this name made from the list} */
    public static ImportedPostures of(Project project, NameList list, String formName) {
        Making making = new Making(project);
        list.lines().forEach(making::line);
        return making.done(formName);
    }

    private static final class Making {

        private final List<Part> parts = new ArrayList<>();
        private final List<Entry> entries = new ArrayList<>();
        private final List<PostureId> known = new ArrayList<>();
        private Project project;
        private String part = "";
        private int fresh;
        private int next = 1;

        Making(Project project) {
            this.project = project;
        }

        void line(NameList.Line line) {
            switch (line) {
                case NameList.Heading(String name) -> {
                    endPart();
                    part = name;
                }
                case NameList.Named named -> named(named);
            }
        }

        private void named(NameList.Named named) {
            Posture posture = find(named.name()).orElseGet(() -> blank(named));
            Played played = named.side().isPresent()
                            && posture.side().isPresent()
                            && !named.side().equals(posture.side())
                    ? Played.OTHER_SIDE
                    : Played.AS_RECORDED;
            Entry entry = Entry.of(new EntryId("e" + next++), posture.id(), played);
            entries.add(entry.times(named.times()));
        }

        private Optional<Posture> find(String name) {
            String wanted = NameSearch.plain(name);
            Optional<Posture> found = project.postures().stream()
                    .filter(posture -> names(posture)
                            .anyMatch(some -> NameSearch.plain(some).equals(wanted)))
                    .findFirst();
            boolean old = found.isPresent() && !found.get().counts().isEmpty();
            if (old && !known.contains(found.get().id())) {
                known.add(found.get().id());
            }
            return found;
        }

        private static Stream<String> names(Posture posture) {
            return Stream.concat(
                    posture.names().stream()
                            .flatMap(name -> Stream.concat(Stream.of(name.written()), name.romanised().stream())),
                    posture.sheet().otherNames().stream());
        }

        private Posture blank(NameList.Named named) {
            fresh++;
            Optional<Side> side = named.side();
            Posture posture = Posture.blank(project.freshPostureId(named.name()), named.name())
                    .withSide(side);
            List<Posture> postures = new ArrayList<>(project.postures());
            postures.add(posture);
            project = project.withPostures(postures);
            return posture;
        }

        private void endPart() {
            if (!entries.isEmpty() || !part.isEmpty()) {
                parts.add(new Part(part, entries));
                entries.clear();
            }
        }

        ImportedPostures done(String formName) {
            endPart();
            Form form = new Form(project.freshFormId(formName), formName, parts, Optional.empty(), Optional.empty());
            boolean onlyEmpty = project.forms().size() == 1
                    && project.forms().getFirst().entries().isEmpty();
            List<Form> forms = onlyEmpty ? new ArrayList<>() : new ArrayList<>(project.forms());
            forms.add(form);
            return new ImportedPostures(project.withForms(forms), form, known.size(), fresh);
        }
    }
}
