package app.avrel.project;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.avrel.body.Side;
import app.avrel.floor.Bearing;
import app.avrel.floor.DirectionWords;
import app.avrel.floor.Heading;
import app.avrel.floor.NamedPlace;
import app.avrel.form.Entry;
import app.avrel.form.Occurrence;
import app.avrel.form.hall.Hall;
import app.avrel.posture.EndClaim;
import app.avrel.posture.Posture;
import app.avrel.posture.PostureId;
import app.avrel.posture.count.Count;
import app.avrel.posture.count.Counts;
import app.avrel.posture.count.Stage;
import app.avrel.posture.move.Gaze;
import app.avrel.posture.move.Move;
import app.avrel.rules.Finding;
import app.avrel.rules.RuleId;
import app.avrel.rules.Where;
import app.avrel.samples.SampleProjects;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;

class AnalysisTest {

    private static final PostureId ID = new PostureId("p");

    /** The left foot is lifted with half the weight on it. */
    private static final Project LIFTS_TOO_SOON = Project.empty("Hall", Setting.USUAL)
            .withPostures(List.of(Posture.blank(ID, "P")
                    .withCounts(List.of(
                            Count.of(Stage.of(
                                    new Move.Lift(Side.LEFT, Optional.empty(), Optional.empty(), Optional.empty()))),
                            Count.blank()))));

    private static Finding loadedStep(Analysis survey) {
        return survey.findings().stream()
                .filter(finding -> finding.rule() == RuleId.LOADED_STEP)
                .findFirst()
                .orElseThrow();
    }

    @RepeatedTest(30)
    void lookingAgainAfterAnEditFindsWhatLookingAtEverythingFinds(RepetitionInfo repetition) {
        Project project = SampleProjects.of(repetition.getCurrentRepetition(), 8);
        Posture first = project.postures().getFirst();
        Project edited = project.changePosture(
                first.id(),
                posture -> posture.withCounts(
                        Counts.insert(posture.counts(), 0, Count.of(Stage.of(new Move.Look(Gaze.AHEAD))))));
        Analysis after = Analysis.of(project).after(edited);
        assertThat(after).isEqualTo(Analysis.of(edited));
    }

    @RepeatedTest(20)
    void afterAnyChangeOfAnEntryItIsAsIfEverythingWereLookedAtAnew(RepetitionInfo repetition) {
        Project project = SampleProjects.of(repetition.getCurrentRepetition(), 12);
        var form = project.forms().getFirst();
        int at = repetition.getCurrentRepetition() % form.entries().size();
        Analysis survey = Analysis.of(project);
        for (Project edited : List.of(
                project.changeForm(
                        form.id(),
                        of -> of.change(
                                at, entry -> entry.withPlayed(entry.played().other()))),
                project.changeForm(form.id(), of -> of.delete(at)),
                project.changeForm(form.id(), of -> of.change(0, AnalysisTest::onceMore)),
                project.changeForm(
                        form.id(),
                        of -> of.insertAfter(at, of.entries().getFirst().withId(of.freshId()))),
                project.withLinks(Map.of()))) {
            survey = survey.after(edited);
            Analysis anew = Analysis.of(edited);
            assertThat(survey.findings()).containsExactlyInAnyOrderElementsOf(anew.findings());
            assertThat(survey.track(form.id()).orElseThrow().occurrences())
                    .zipSatisfy(anew.track(form.id()).orElseThrow().occurrences(), AnalysisTest::sameButForRounding);
        }
    }

    private static Entry onceMore(Entry entry) {
        return entry.withWays(
                Stream.concat(entry.ways().stream(), entry.ways().stream().limit(1))
                        .toList());
    }

    /** What follows an edit may be carried along the floor, which rounds otherwise than walking there. */
    private static void sameButForRounding(Occurrence one, Occurrence other) {
        assertThat(one.moments()).zipSatisfy(other.moments(), (a, b) -> {
            assertThat(a.place()).isEqualTo(b.place());
            for (Side side : Side.values()) {
                assertThat(a.after()
                                .foot(side)
                                .heel()
                                .value()
                                .distance(b.after().foot(side).heel().value()))
                        .isLessThan(1e-9);
            }
            assertThat(a.after()
                            .chest()
                            .value()
                            .minus(b.after().chest().value())
                            .size())
                    .isLessThan(1e-9);
            assertThat(a.after().weight()).isEqualTo(b.after().weight());
        });
        assertThat(List.of(
                        one.entry(),
                        one.repeat(),
                        one.posture(),
                        one.link(),
                        one.join().fits()))
                .isEqualTo(List.of(
                        other.entry(),
                        other.repeat(),
                        other.posture(),
                        other.link(),
                        other.join().fits()));
    }

    @Test
    void whatIsSaidOfAnEntryIsCheckedWithoutWalkingTheFormAgain() {
        Project project = SampleProjects.of(4, 12);
        var form = project.forms().getFirst();
        Analysis before = Analysis.of(project);
        var was = before.track(form.id()).orElseThrow().occurrences();
        Analysis after = before.after(project.changeForm(
                form.id(),
                of -> of.change(0, entry -> entry.withNumber(Optional.of(77)).withGroup("net"))));
        var is = after.track(form.id()).orElseThrow().occurrences();
        for (int at = 0; at < was.size(); at++) {
            assertThat(is.get(at).done() == was.get(at).done()).isTrue();
        }
        assertThat(after.findings()).extracting(Finding::rule).contains(RuleId.CLAIMED_NUMBER);
    }

    @Test
    void whatAnEditCannotTouchIsTakenOver() {
        Project two = SampleProjects.of(3, 8);
        Analysis before = Analysis.of(two);
        PostureId edited = two.postures().getFirst().id();
        Analysis after = before.after(two.changePosture(edited, posture -> posture.withNote("a note")));
        PostureId other = two.postures().getLast().id();
        assertThat(after.postures().get(other)).isSameAs(before.postures().get(other));
        assertThat(after.postures().get(edited)).isNotSameAs(before.postures().get(edited));
    }

    @Test
    void inAFormOnlyWhatIsOtherIsPerformedAgain() {
        Project project = SampleProjects.of(5, 12);
        var form = project.forms().getFirst();
        Analysis before = Analysis.of(project);
        List<Occurrence> was = before.track(form.id()).orElseThrow().occurrences();
        Project edited = project.changeForm(
                form.id(), whole -> whole.insertAfter(4, whole.entries().get(2).withId(whole.freshId())));
        List<Occurrence> is =
                before.after(edited).track(form.id()).orElseThrow().occurrences();
        long known = is.stream()
                .filter(one -> was.stream().anyMatch(old -> old.done() == one.done()))
                .count();
        assertThat(known).isGreaterThan(is.size() / 2);
    }

    @RepeatedTest(10)
    void whatIsFoundInAPostureAloneIsWhatIsFoundInItAmongAll(RepetitionInfo repetition) {
        Project project = SampleProjects.of(repetition.getCurrentRepetition(), 12);
        Analysis survey = Analysis.of(project);
        for (Posture posture : project.postures()) {
            List<Finding> alone = survey.findings(posture.id());
            assertThat(survey.findings())
                    .filteredOn(finding ->
                            finding.where() instanceof Where.InPosture(var id, var _) && id.equals(posture.id()))
                    .containsExactlyInAnyOrderElementsOf(alone);
        }
    }

    @Test
    void anAcceptedFindingIsQuietAndKeepsItsReason() {
        Finding finding = loadedStep(Analysis.of(LIFTS_TOO_SOON));
        Analysis accepted = Analysis.of(LIFTS_TOO_SOON.accept(finding, " a stamp, on purpose "));
        assertThat(accepted.findings()).doesNotContain(finding);
        assertThat(accepted.standing()).containsExactly(finding);
        assertThat(accepted.project().reason(finding)).contains("a stamp, on purpose");
    }

    @Test
    void itComesBackWhenTheRecordUnderItChangesAndNotWhenAnythingElseDoes() {
        Project accepted = LIFTS_TOO_SOON.accept(loadedStep(Analysis.of(LIFTS_TOO_SOON)), "on purpose");
        Project renamed = accepted.withName("Another hall").changePosture(ID, posture -> posture.withNote("note"));
        Project later = accepted.changePosture(
                ID, posture -> posture.withCounts(Counts.change(posture.counts(), 1, count -> count.withBeats(2))));
        Project under = accepted.changePosture(
                ID, posture -> posture.withCounts(Counts.change(posture.counts(), 0, count -> count.withBeats(2))));
        assertThat(Analysis.of(renamed).standing()).hasSize(1);
        assertThat(Analysis.of(later).standing()).hasSize(1);
        assertThat(Analysis.of(under).standing()).isEmpty();
        assertThat(loadedStep(Analysis.of(under))).isNotNull();
    }

    @Test
    void noFindingIsAcceptedWithoutAReason() {
        Finding finding = loadedStep(Analysis.of(LIFTS_TOO_SOON));
        assertThatThrownBy(() -> LIFTS_TOO_SOON.accept(finding, "  "))
                .hasMessage("a finding is accepted with a reason, but it was blank");
    }

    @Test
    void aPlaceOfTheHallIsSaidInFindingsAsSoonAsItIsKnown() {
        Posture astray =
                Posture.blank(new PostureId("p"), "P").withEnd(EndClaim.NONE.withFacing(Optional.of(new Bearing(270))));
        Project nowhere = Project.empty("School", Setting.USUAL.withWords(DirectionWords.HALL))
                .withPostures(List.of(astray));
        Project placed = nowhere.withHalls(
                List.of(Hall.of("Hall", 8, 6).withPlaces(List.of(new NamedPlace("window", new Heading(270))))));

        assertThat(Analysis.of(nowhere).after(placed).findings())
                .isEqualTo(Analysis.of(placed).findings())
                .anySatisfy(finding -> assertThat(finding.sentence()).contains("window"));
    }
}
