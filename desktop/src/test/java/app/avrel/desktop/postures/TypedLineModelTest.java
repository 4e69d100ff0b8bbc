package app.avrel.desktop.postures;

import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.desktop.session.Choice;
import app.avrel.desktop.session.Session;
import app.avrel.files.Demo;
import app.avrel.files.Recovery;
import app.avrel.posture.Posture;
import app.avrel.posture.PostureId;
import app.avrel.posture.count.Breath;
import app.avrel.posture.count.Count;
import app.avrel.posture.count.Counts;
import app.avrel.posture.count.SeenCount;
import app.avrel.posture.move.Move;
import app.avrel.project.Edit;
import app.avrel.project.Holder;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** A line is shown as if it were recorded; whoever edits what is shown edits what they see, and nothing else. */
class TypedLineModelTest {

    private static final PostureId SLUICE = new PostureId("open-the-sluice");

    @TempDir
    private Path folder;

    private Recovery recovery;
    private Session session;
    private TypedLineModel line;
    private int cleared;

    @BeforeEach
    void open() {
        recovery = new Recovery(folder.resolve("recovery"));
        session = new Session(Demo.project(), recovery);
        session.choose(Choice.first(session.project()).withPosture(SLUICE, 1));
        line = new TypedLineModel(session, () -> cleared++);
    }

    @AfterEach
    void close() {
        recovery.close();
    }

    private List<Count> recorded() {
        return session.project().posture(SLUICE).map(Posture::counts).orElseThrow();
    }

    private List<Count> shown() {
        return session.desk().get().posture().map(Posture::counts).orElseThrow();
    }

    /** As a button of the card does it: its place was read from what is shown. */
    private void fromTheCard(Edit edit) {
        if (session.settled()) {
            session.apply(edit);
        }
    }

    private Edit delete(int count) {
        return CountEdits.delete(new Holder.OfPosture(SLUICE), seen(count));
    }

    /** As the card shows it. */
    private SeenCount seen(int count) {
        return new SeenCount(count, shown().get(count));
    }

    @Test
    void aLineThatIsTypedIsShownAfterTheChosenCountAndNotRecorded() {
        List<Count> before = recorded();
        assertThat(line.type("left foot forward")).isPresent();
        assertThat(session.previewing()).isTrue();
        assertThat(shown()).hasSize(before.size() + 1);
        assertThat(recorded()).isEqualTo(before);
        assertThat(session.choice().count()).isEqualTo(2);
    }

    @Test
    void deletingTheCountThatIsShownWhileTypingDeletesThatCountAndNoRecordedOne() {
        List<Count> before = recorded();
        line.type("left foot forward");
        fromTheCard(delete(session.choice().count()));
        assertThat(recorded()).isEqualTo(before);
        assertThat(cleared).as("the line was recorded, so it is empty again").isEqualTo(1);
        assertThat(session.undoable()).contains("Delete a count");
        session.undo();
        assertThat(recorded()).hasSize(before.size() + 1);
        assertThat(recorded().get(2).moves()).singleElement().isInstanceOf(Move.Step.class);
    }

    @Test
    void aFieldOfTheCountThatIsShownChangesThatCount() {
        List<Count> before = recorded();
        line.type("left foot forward");
        fromTheCard(CountEdits.change(
                new Holder.OfPosture(SLUICE),
                seen(session.choice().count()),
                "Change the breath",
                "breath",
                count -> count.withBreath(Breath.OUT)));
        assertThat(recorded()).hasSize(before.size() + 1);
        assertThat(recorded().get(2).breath()).isEqualTo(Breath.OUT);
        assertThat(recorded().get(3)).as("the one after it is as it was").isEqualTo(before.get(2));
    }

    @Test
    void whatIsNotUnderstoodIsNeverRecordedByAnEditOfTheCard() {
        List<Count> before = recorded();
        line.type("left foot furward a purple bit");
        fromTheCard(delete(session.choice().count()));
        assertThat(recorded()).isEqualTo(before);
        assertThat(session.previewing()).isFalse();
        assertThat(cleared).as("what was typed stays to be mended").isZero();
    }

    @Test
    void theLastCountCanBeDuplicatedWhileALineIsTyped() {
        session.choose(session.choice().withCount(recorded().size() - 1));
        int size = recorded().size();
        line.type("sink 1 fist");
        fromTheCard(CountEdits.duplicate(
                new Holder.OfPosture(SLUICE), seen(session.choice().count())));
        assertThat(recorded()).hasSize(size + 2);
    }

    @Test
    void typingOnAfterCountsAreGoneStandsAtTheEnd() {
        line.type("sink 1 fist");
        session.apply(Edit.of(
                "Cut",
                project -> project.changePosture(
                        SLUICE, posture -> posture.withCounts(posture.counts().subList(0, 1)))));
        assertThat(line.type("sink 2 fists")).isPresent();
        assertThat(shown()).hasSize(2);
        assertThat(line.take("sink 2 fists")).isTrue();
        assertThat(recorded()).hasSize(2);
    }

    @Test
    void anEditedCountIsSettledInItsPlace() {
        int size = recorded().size();
        String words = line.edit().orElseThrow();
        line.type(words + ". sink 1 fist");
        assertThat(shown()).hasSize(size);
        fromTheCard(CountEdits.change(
                new Holder.OfPosture(SLUICE), seen(1), "Change the beats", "beats", count -> count.withBeats(3)));
        assertThat(recorded()).hasSize(size);
        assertThat(recorded().get(1).beats()).isEqualTo(3);
        assertThat(recorded().get(1).moves()).anyMatch(Move.ChangeDepth.class::isInstance);
    }

    @Test
    void withNothingTypedEveryEditIsSettled() {
        assertThat(session.settled()).isTrue();
        fromTheCard(Edit.of(
                "Duplicate",
                project -> project.changePosture(
                        SLUICE, posture -> posture.withCounts(Counts.duplicate(posture.counts(), 0)))));
        assertThat(recorded()).hasSize(6);
    }

    @Test
    void anEditOfACountFindsItWhereItHasMovedTo() {
        Edit late = delete(2);
        Count meant = recorded().get(2);
        session.apply(CountEdits.insert(new Holder.OfPosture(SLUICE), 0));
        assertThat(session.apply(late)).isTrue();
        assertThat(recorded()).doesNotContain(meant);
        assertThat(recorded().getFirst()).isEqualTo(Count.blank());
    }

    @Test
    void anEditOfACountThatIsGoneChangesNothing() {
        Edit late = delete(2);
        session.apply(delete(2));
        List<Count> left = recorded();
        assertThat(session.apply(late)).isFalse();
        assertThat(recorded()).isEqualTo(left);
        assertThat(session.apply(CountEdits.merge(new Holder.OfPosture(SLUICE), seen(left.size() - 1))))
                .as("the last one has none after it")
                .isFalse();
    }
}
