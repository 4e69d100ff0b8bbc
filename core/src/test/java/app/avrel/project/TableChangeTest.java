package app.avrel.project;

import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.floor.Directions;
import app.avrel.floor.Heading;
import app.avrel.form.Form;
import app.avrel.house.HouseRules;
import app.avrel.label.Language;
import app.avrel.posture.Posture;
import app.avrel.posture.count.Count;
import app.avrel.posture.count.Counts;
import app.avrel.samples.SampleProjects;
import app.avrel.words.Wording;
import app.avrel.words.say.Saying;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;

/** What a table would make of a form or of its counts is told before it is done. */
class TableChangeTest {

    private static final Saying SAYING =
            Saying.exact(Language.ENGLISH, new Wording(Directions.CLOCK, Heading.FRONT, HouseRules.LARGE_FRAME));

    private static final Project PROJECT = SampleProjects.of(3, 6);
    private static final Form FORM = PROJECT.forms().getFirst();

    private static List<TableChange.Kind> kinds(List<TableChange> changes) {
        return changes.stream().map(TableChange::kind).toList();
    }

    @RepeatedTest(20)
    void aTableOfWhatIsHereChangesNothing(RepetitionInfo repetition) {
        Project project = SampleProjects.of(repetition.getCurrentRepetition(), 8);
        Form form = project.forms().getFirst();
        assertThat(kinds(TableChange.ofEntries(project, form, form)))
                .hasSize(form.entries().size())
                .containsOnly(TableChange.Kind.SAME);
        assertThat(TableChange.ofCounts(project, project, SAYING)).isEmpty();
    }

    @Test
    void anEntryThatTheTableLeavesOutIsToldLastAsOneThatGoes() {
        Form shorter = FORM.delete(1);
        List<TableChange> changes = TableChange.ofEntries(PROJECT, FORM, shorter);
        assertThat(changes).hasSize(FORM.entries().size());
        assertThat(changes.getLast().kind()).isEqualTo(TableChange.Kind.GONE);
        assertThat(changes.getLast().number()).isEqualTo(2);
    }

    @Test
    void anEntryThatIsDoneOtherwiseIsChangedAndStaysInItsPlace() {
        Form turned = FORM.change(2, entry -> entry.withFacing(Optional.of(new Heading(135))));
        List<TableChange> changes = TableChange.ofEntries(PROJECT, FORM, turned);
        assertThat(changes.get(2).kind()).isEqualTo(TableChange.Kind.CHANGED);
        assertThat(changes.stream().filter(change -> change.kind() != TableChange.Kind.SAME))
                .hasSize(1);
    }

    @Test
    void ofTheCountsOnlyPosturesThatChangeAreToldEachOfThemWhole() {
        Posture longer = PROJECT.postures().stream()
                .filter(posture -> posture.counts().size() > 1)
                .findFirst()
                .orElseThrow();
        Project changed = PROJECT.changePosture(
                longer.id(),
                posture -> posture.withCounts(
                        posture.counts().subList(0, posture.counts().size() - 1)));
        List<TableChange> changes = TableChange.ofCounts(PROJECT, changed, SAYING);
        assertThat(changes)
                .hasSize(longer.counts().size())
                .allSatisfy(change -> assertThat(change.posture().id()).isEqualTo(longer.id()));
        assertThat(changes.getLast().kind()).isEqualTo(TableChange.Kind.GONE);
        assertThat(kinds(changes.subList(0, changes.size() - 1))).containsOnly(TableChange.Kind.SAME);
    }

    @Test
    void aCountPutInChangesNoneAfterIt() {
        Posture first = PROJECT.postures().stream()
                .filter(posture -> posture.counts().size() > 1)
                .findFirst()
                .orElseThrow();
        Count put = Count.blank().withNote("a breath here");
        Project changed = PROJECT.changePosture(
                first.id(), posture -> posture.withCounts(Counts.insert(posture.counts(), 0, put)));
        List<TableChange.Kind> kinds = kinds(TableChange.ofCounts(PROJECT, changed, SAYING));
        assertThat(kinds.getFirst()).isEqualTo(TableChange.Kind.NEW);
        assertThat(kinds.subList(1, kinds.size()))
                .hasSize(first.counts().size())
                .containsOnly(TableChange.Kind.SAME);
    }

    @Test
    void aCountIsToldInTheWordsInWhichItIsTyped() {
        Posture first = PROJECT.postures().getFirst();
        Count count = Count.blank();
        Project changed = PROJECT.changePosture(first.id(), posture -> posture.withCounts(List.of(count)));
        TableChange told = TableChange.ofCounts(PROJECT, changed, SAYING).stream()
                .filter(change -> change.kind() != TableChange.Kind.GONE)
                .findFirst()
                .orElseThrow();
        assertThat(told.number()).isEqualTo(1);
        assertThat(told.said()).isEqualTo(SAYING.line(count));
    }
}
