package app.avrel.project;

import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.body.Length;
import app.avrel.body.WeightShare;
import app.avrel.form.Entry;
import app.avrel.form.EntryId;
import app.avrel.form.Form;
import app.avrel.form.FormId;
import app.avrel.form.Occurrence;
import app.avrel.form.Part;
import app.avrel.form.Played;
import app.avrel.posture.Posture;
import app.avrel.posture.PostureId;
import app.avrel.posture.Start;
import app.avrel.posture.StartPose;
import app.avrel.posture.count.Count;
import app.avrel.rules.join.JoinProposal;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** Postures that only stand: even, even again, and heavier on the left. */
class JoinMendingTest {

    private static final FormId FORM = new FormId("f");
    private static final StartPose EVEN = StartPose.SHOULDER_WIDE.withDrop(Length.fists(1));
    private static final Posture STILL = standing("still", EVEN);
    private static final Posture HEAVY = standing("heavy", EVEN.withWeight(WeightShare.left(70)));

    private static Posture standing(String id, StartPose start) {
        return Posture.blank(new PostureId(id), id)
                .withStart(new Start.Recorded(start))
                .withCounts(List.of(Count.blank()));
    }

    private static Analysis survey(Posture... order) {
        List<Entry> entries = new ArrayList<>();
        for (Posture posture : order) {
            entries.add(Entry.of(new EntryId("e" + entries.size()), posture.id(), Played.AS_RECORDED));
        }
        List<Posture> shelf = Arrays.stream(order).distinct().toList();
        return Analysis.of(Project.empty("Hall", Setting.USUAL)
                .withPostures(shelf)
                .withForms(List.of(
                        new Form(FORM, "F", List.of(new Part("", entries)), Optional.empty(), Optional.empty()))));
    }

    private static List<Integer> open(Project project) {
        return Analysis.of(project).track(FORM).orElseThrow().occurrences().stream()
                .filter(done -> !done.join().fits())
                .map(Occurrence::entry)
                .toList();
    }

    private static <T extends JoinProposal> T proposal(JoinMending mending, Class<T> kind) {
        return mending.all().stream()
                .filter(kind::isInstance)
                .map(kind::cast)
                .findFirst()
                .orElseThrow();
    }

    @Test
    void aLinkClosesItsJoinAndNoOther() {
        Analysis survey = survey(STILL, HEAVY, STILL);
        assertThat(open(survey.project())).containsExactly(1, 2);
        JoinMending mending = new JoinMending(survey, FORM, 1);
        JoinProposal link = proposal(mending, JoinProposal.InsertLink.class);
        assertThat(open(mending.applied(survey.project(), link))).containsExactly(2);
        assertThat(mending.effects(link)).isEqualTo(new JoinMending.Effects(0, 0));
    }

    @Test
    void whatAdjustingAPostureOpensElsewhereIsTold() {
        Analysis survey = survey(STILL, HEAVY, HEAVY, STILL, STILL);
        JoinMending mending = new JoinMending(survey, FORM, 1);
        JoinProposal end = proposal(mending, JoinProposal.AdjustEnd.class);
        Project mended = mending.applied(survey.project(), end);
        assertThat(open(mended)).doesNotContain(1);
        int others = open(mended).size() - (open(survey.project()).size() - 1);
        assertThat(mending.effects(end).joins()).isEqualTo(others).isPositive();
    }

    @Test
    void anAdjustedStartIsThatOfThePostureWhereverItStands() {
        Analysis survey = survey(STILL, HEAVY, STILL);
        JoinMending mending = new JoinMending(survey, FORM, 1);
        JoinProposal start = proposal(mending, JoinProposal.AdjustStart.class);
        Project mended = mending.applied(survey.project(), start);
        assertThat(mended.posture(HEAVY.id()).orElseThrow().start().pose().weight())
                .isEqualTo(WeightShare.EVEN);
        assertThat(open(mended)).isEmpty();
        assertThat(mending.effects(start).joins())
                .as("it closes the one after it too")
                .isEqualTo(-1);
    }

    @Test
    void whatWasEditedElsewhereMeanwhileStays() {
        Analysis survey = survey(STILL, HEAVY);
        JoinMending mending = new JoinMending(survey, FORM, 1);
        Project renamed = survey.project().withName("Another hall");
        Project mended = mending.applied(renamed, proposal(mending, JoinProposal.InsertLink.class));
        assertThat(mended.name()).isEqualTo("Another hall");
        assertThat(open(mended)).isEmpty();
    }

    @Test
    void aJoinThatFitsNeedsNothing() {
        assertThat(new JoinMending(survey(STILL, STILL), FORM, 1).all()).isEmpty();
        assertThat(new JoinMending(survey(STILL, STILL), FORM, 1).link().counts())
                .isEmpty();
    }
}
