package app.avrel.project.merging;

import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.form.Entry;
import app.avrel.form.EntryId;
import app.avrel.form.Form;
import app.avrel.form.Part;
import app.avrel.form.Played;
import app.avrel.form.WayIn;
import app.avrel.posture.Posture;
import app.avrel.posture.PostureId;
import app.avrel.posture.count.Count;
import app.avrel.project.Project;
import app.avrel.project.merging.Merged.Changed;
import app.avrel.project.merging.Merging.Prefer;
import app.avrel.samples.SampleProjects;
import app.avrel.samples.Samples;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;

/** Two instructors work on one file at two machines, and neither loses a count. */
class MergingTest {

    private static final Project HALL = SampleProjects.of(7, 5);

    private static Project counts(Project project, int posture, List<Count> counts) {
        return project.changePosture(id(project, posture), one -> one.withCounts(counts));
    }

    private static PostureId id(Project project, int posture) {
        return project.postures().get(posture).id();
    }

    private static Merged merged(Project ours, Project theirs) {
        return Merging.of(HALL, ours, theirs, Prefer.OURS);
    }

    @RepeatedTest(40)
    void whatOnlyOneChangedIsTakenFromThem(RepetitionInfo repetition) {
        int seed = repetition.getCurrentRepetition();
        Project base = SampleProjects.of(seed, 5);
        Samples samples = new Samples(seed);
        List<Count> first = samples.several(1, 3, samples::count);
        List<Count> second = samples.several(1, 3, samples::count);
        Project ours = counts(base, 1, first);
        Project theirs = counts(base, 4, second).withName("Their hall");
        Merged merged = Merging.of(base, ours, theirs, Prefer.OURS);
        assertThat(merged.project())
                .isEqualTo(counts(counts(base, 1, first), 4, second).withName("Their hall"));
        assertThat(merged.both()).isEmpty();
    }

    @RepeatedTest(40)
    void whoHasChangedNothingTakesAllOfTheOther(RepetitionInfo repetition) {
        int seed = repetition.getCurrentRepetition();
        Project base = SampleProjects.of(seed, 4);
        Project other = SampleProjects.of(seed + 1000, 6);
        assertThat(Merging.of(base, base, other, Prefer.OURS).project()).isEqualTo(other);
        assertThat(Merging.of(base, other, base, Prefer.THEIRS).project()).isEqualTo(other);
        assertThat(Merging.of(base, other, other, Prefer.OURS).project()).isEqualTo(other);
    }

    @Test
    void whereBothChangedAPostureThePreferredOneIsTakenAndItIsTold() {
        Project ours = HALL.changePosture(id(HALL, 2), posture -> posture.withNote("knees soft"));
        Project theirs = HALL.changePosture(id(HALL, 2), posture -> posture.withNote("sink first"));
        Merged merged = merged(ours, theirs);
        assertThat(merged.project().postures().get(2).note()).isEqualTo("knees soft");
        assertThat(merged.both())
                .containsExactly(
                        new Changed(Merged.Part.POSTURE, HALL.postures().get(2).name()));
        assertThat(Merging.of(HALL, ours, theirs, Prefer.THEIRS)
                        .project()
                        .postures()
                        .get(2)
                        .note())
                .isEqualTo("sink first");
    }

    private static Posture named(String key) {
        return HALL.postures().getFirst().withId(new PostureId(key));
    }

    private static Project with(int at, Posture posture) {
        List<Posture> all = new ArrayList<>(HALL.postures());
        all.add(at, posture);
        return HALL.withPostures(all);
    }

    @Test
    void newPosturesOfBothStandWhereTheyWerePut() {
        Merged merged = merged(with(1, named("ours")), with(4, named("theirs")));
        assertThat(merged.project().postures())
                .extracting(posture -> posture.id().key())
                .containsExactly("p0", "ours", "p1", "p2", "p3", "theirs", "p4", "p5");
        assertThat(merged.ours()).hasSize(1);
        assertThat(merged.theirs()).hasSize(1);
    }

    private static Project without(Project project, PostureId id) {
        return project.withPostures(project.postures().stream()
                .filter(posture -> !posture.id().equals(id))
                .toList());
    }

    private static Form doing(PostureId posture) {
        Entry entry = HALL.forms()
                .getFirst()
                .entries()
                .getFirst()
                .withId(new EntryId("only"))
                .withPosture(posture)
                .withPlayed(Played.AS_RECORDED)
                .withWays(List.of(WayIn.DIRECT));
        return HALL.forms().getFirst().withParts(List.of(new Part("", List.of(entry))));
    }

    @Test
    void aPostureThatOneTookAwayStaysWhereTheOthersFormDrawsOnIt() {
        PostureId wanted = id(HALL, 5);
        Project ours = HALL.withForms(List.of(doing(wanted)));
        Project theirs = without(HALL.withForms(List.of(doing(id(HALL, 0)))), wanted);
        assertThat(Merging.of(HALL, ours, theirs, Prefer.OURS).project().posture(wanted))
                .isPresent();
        assertThat(Merging.of(HALL, ours, theirs, Prefer.THEIRS).project().posture(wanted))
                .isEmpty();
    }

    @Test
    void aPostureThatOneTookAwayAndTheOtherWorkedOnStays() {
        PostureId worked = id(HALL, 3);
        Project ours = without(HALL, worked);
        Project theirs = HALL.changePosture(worked, posture -> posture.withNote("slower"));
        Merged merged = merged(ours, theirs);
        assertThat(merged.project().posture(worked).map(Posture::note)).isEqualTo(Optional.of("slower"));
        assertThat(merged.both()).hasSize(1);
    }

    @Test
    void withoutACommonStateNothingIsLost() {
        Project nothing = Project.empty("", HALL.setting());
        Project theirs = with(6, named("theirs"));
        Project ours = with(0, named("ours"));
        assertThat(Merging.of(nothing, ours, theirs, Prefer.OURS).project().postures())
                .extracting(posture -> posture.id().key())
                .containsExactlyInAnyOrder("ours", "p0", "p1", "p2", "p3", "p4", "p5", "theirs");
    }
}
