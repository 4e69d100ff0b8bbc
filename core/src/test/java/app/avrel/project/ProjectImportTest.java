package app.avrel.project;

import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.form.Entry;
import app.avrel.form.EntryId;
import app.avrel.form.Form;
import app.avrel.form.FormId;
import app.avrel.form.Link;
import app.avrel.form.LinkId;
import app.avrel.form.Part;
import app.avrel.form.Played;
import app.avrel.form.WayIn;
import app.avrel.house.HouseRules;
import app.avrel.posture.Posture;
import app.avrel.posture.PostureId;
import app.avrel.posture.count.Count;
import app.avrel.samples.SampleProjects;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;

/** Two schools: both have a Gate, each its own way; only the other has a Sail, and a form of both. */
class ProjectImportTest {

    private static final Posture OUR_GATE = posture("gate", 2);
    private static final Posture THEIR_GATE = posture("gate", 3);
    private static final Posture SAIL = posture("sail", 1);
    private static final LinkId ROUND = new LinkId("round");
    private static final Project HERE = Project.empty("Here", Setting.USUAL).withPostures(List.of(OUR_GATE));
    private static final Form FORM = new Form(
            new FormId("f"),
            "Their form",
            List.of(new Part(
                    "",
                    List.of(
                            entry("1", "gate"),
                            entry("2", "sail").withWay(0, new WayIn.Shared(ROUND, Played.AS_RECORDED))))),
            Optional.empty(),
            Optional.empty());
    private static final Project THERE = Project.empty("There", Setting.USUAL.withRules(HouseRules.COMPACT_FRAME))
            .withPostures(List.of(THEIR_GATE, SAIL))
            .withLinks(Map.of(ROUND, new Link("Round", List.of(Count.blank()))))
            .withForms(List.of(FORM));

    private static Posture posture(String id, int counts) {
        return Posture.blank(new PostureId(id), id).withCounts(Collections.nCopies(counts, Count.blank()));
    }

    private static Entry entry(String id, String posture) {
        return Entry.of(new EntryId(id), new PostureId(posture), Played.AS_RECORDED);
    }

    private static ProjectImport.Result bringing(ProjectImport.Clashes clashes) {
        return new ProjectImport(HERE, THERE).of(List.of(), List.of(FORM.id()), clashes);
    }

    @Test
    void aFormBringsThePosturesAndTheWaysInThatItDrawsOn() {
        Project project = bringing(ProjectImport.Clashes.KEEP_OURS).project();
        assertThat(project.posture(SAIL.id())).contains(SAIL);
        assertThat(project.posture(OUR_GATE.id())).contains(OUR_GATE);
        assertThat(project.links()).containsKey(ROUND);
        assertThat(project.form(FORM.id())).contains(FORM);
    }

    @Test
    void whatClashesIsToldWithHowItDiffers() {
        assertThat(bringing(ProjectImport.Clashes.KEEP_OURS).report())
                .containsExactly(
                        "gate clashes: ours has 2 counts, theirs 3. Ours is kept.",
                        "sail is new.",
                        "The shared way in \"Round\" is new.",
                        "The form Their form is new.",
                        "Their house rules are \"compact frame, follow steps\", ours \"large frame, heel turns\": what was"
                                + " brought is looked at by ours.");
    }

    @Test
    void theirsMayBeTakenOrBothKept() {
        assertThat(bringing(ProjectImport.Clashes.TAKE_THEIRS).project().posture(OUR_GATE.id()))
                .contains(THEIR_GATE);
        Project both = bringing(ProjectImport.Clashes.KEEP_BOTH).project();
        assertThat(both.posture(OUR_GATE.id())).contains(OUR_GATE);
        PostureId theirs =
                both.form(FORM.id()).orElseThrow().entries().getFirst().posture();
        assertThat(theirs).isNotEqualTo(OUR_GATE.id());
        assertThat(both.posture(theirs).orElseThrow().counts()).hasSize(3);
    }

    @RepeatedTest(10)
    void bringingAProjectIntoItselfChangesNothing(RepetitionInfo repetition) {
        Project project = SampleProjects.of(repetition.getCurrentRepetition(), 8);
        for (ProjectImport.Clashes clashes : ProjectImport.Clashes.values()) {
            ProjectImport.Result result = new ProjectImport(project, project)
                    .of(
                            project.postures().stream().map(Posture::id).toList(),
                            project.forms().stream().map(Form::id).toList(),
                            clashes);
            assertThat(result.project()).isEqualTo(project);
            assertThat(result.report()).allMatch(line -> line.endsWith(" is here already."));
        }
    }

    @Test
    void aFormOfTheSameIdStandsBesideOurs() {
        Project ours = HERE.withForms(List.of(new Form(
                FORM.id(),
                "Our form",
                List.of(new Part("", List.of(entry("1", "gate")))),
                Optional.empty(),
                Optional.empty())));
        Project both = new ProjectImport(ours, THERE)
                .of(List.of(), List.of(FORM.id()), ProjectImport.Clashes.KEEP_OURS)
                .project();
        assertThat(both.forms()).extracting(Form::name).containsExactly("Our form", "Their form");
    }
}
