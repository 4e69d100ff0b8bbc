package app.avrel.form;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.avrel.posture.Mirror;
import app.avrel.posture.PostureId;
import app.avrel.posture.count.Count;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;

class FormEditingTest {

    private static Entry entry(String id) {
        return Entry.of(new EntryId(id), new PostureId(id), Played.AS_RECORDED);
    }

    private static Form twoParts() {
        return new Form(
                new FormId("f"),
                "F",
                List.of(new Part("I", List.of(entry("a"), entry("b"))), new Part("II", List.of(entry("c")))),
                Optional.empty(),
                Optional.empty());
    }

    private static List<String> ids(Form form) {
        return form.entries().stream().map(entry -> entry.id().key()).toList();
    }

    @Test
    void anEntryGoesRightAfterTheChosenOneInItsPart() {
        Form form = twoParts().insertAfter(1, entry("x"));
        assertThat(ids(form)).containsExactly("a", "b", "x", "c");
        assertThat(form.parts().get(0).entries()).hasSize(3);
        assertThat(ids(twoParts().insertAfter(-1, entry("x")))).containsExactly("x", "a", "b", "c");
        assertThat(ids(twoParts().insertAfter(2, entry("x")))).containsExactly("a", "b", "c", "x");
    }

    @RepeatedTest(20)
    void insertingAndTakingOutChangesNothing(RepetitionInfo repetition) {
        SampleForms sample = SampleForms.of(repetition.getCurrentRepetition());
        int at = repetition.getCurrentRepetition() % sample.form().entries().size();
        Form changed = sample.form().insertAfter(at, entry("x"));
        assertThat(changed.delete(at + 1)).isEqualTo(sample.form());
    }

    @RepeatedTest(20)
    void replacingAnEntryByItselfChangesNothing(RepetitionInfo repetition) {
        SampleForms sample = SampleForms.of(repetition.getCurrentRepetition());
        Form same = sample.form()
                .change(3, entry -> entry.withPosture(entry.posture()).withPlayed(entry.played()));
        assertThat(sample.track(same)).isEqualTo(sample.track());
    }

    @Test
    void doingItMoreOftenAddsDirectWaysIn() {
        Link link = new Link("in", List.of(Count.blank()));
        Entry once = entry("a").withWay(0, new WayIn.Own(link));
        assertThat(once.times(3).ways()).containsExactly(new WayIn.Own(link), WayIn.DIRECT, WayIn.DIRECT);
        assertThat(once.times(3).times(1)).isEqualTo(once);
        assertThatThrownBy(() -> once.withWays(List.of()))
                .hasMessage("an entry must be done 1 to 99 times, but was 0 (a)");
    }

    @Test
    void freshIdsAreUnlikeAllOthers() {
        Form form = twoParts().append(1, entry("e5"));
        EntryId fresh = form.freshId();
        assertThat(form.indexOf(fresh)).isEmpty();
        assertThat(form.indexOf(new EntryId("c"))).hasValue(2);
    }

    @Test
    void aNewPartComesLastAndIsEmpty() {
        Form form = twoParts().withPart("III");
        assertThat(form.parts()).extracting(Part::name).containsExactly("I", "II", "III");
        assertThat(form.parts().getLast().entries()).isEmpty();
        assertThat(form.occurrences()).isEqualTo(3);
    }

    @Test
    void aSharedLinkIsMirroredForTheOtherSide() {
        SampleForms sample = SampleForms.of(4);
        LinkId id = sample.shelf().links().keySet().iterator().next();
        Link recorded = sample.shelf().link(new WayIn.Shared(id, Played.AS_RECORDED));
        Link other = sample.shelf().link(new WayIn.Shared(id, Played.OTHER_SIDE));
        assertThat(Mirror.counts(other.counts())).isEqualTo(recorded.counts());
        assertThat(sample.shelf().link(new WayIn.Shared(new LinkId("lost"), Played.AS_RECORDED)))
                .isEqualTo(Link.NONE);
        assertThat(Optional.of(Played.AS_RECORDED.other())).contains(Played.OTHER_SIDE);
    }
}
