package app.avrel.rules.check;

import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.body.Length;
import app.avrel.body.Side;
import app.avrel.body.WeightShare;
import app.avrel.floor.Direction;
import app.avrel.form.Entry;
import app.avrel.form.EntryId;
import app.avrel.form.Form;
import app.avrel.form.FormId;
import app.avrel.form.Part;
import app.avrel.form.Played;
import app.avrel.form.Shelf;
import app.avrel.form.Track;
import app.avrel.form.Unroll;
import app.avrel.motion.Standing;
import app.avrel.posture.Posture;
import app.avrel.posture.PostureId;
import app.avrel.posture.Start;
import app.avrel.posture.StartPose;
import app.avrel.posture.count.Count;
import app.avrel.posture.count.Stage;
import app.avrel.posture.move.Depth;
import app.avrel.posture.move.Move;
import app.avrel.posture.move.Split;
import app.avrel.posture.move.StepPlace;
import app.avrel.rules.Finding;
import app.avrel.rules.RuleId;
import app.avrel.rules.Severity;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** Where nobody says how deep one stands, it may be any height of the house's frames. */
class UnsaidDepthTest {

    private static final StartPose UNSAID =
            StartPose.SHOULDER_WIDE.withDrop(Optional.empty()).withWeight(WeightShare.left(0));

    private static Posture stepping(StartPose start, double footLengths) {
        StepPlace far =
                new StepPlace.Along(Direction.FORWARD, Optional.of(Length.footLengths(footLengths)), Optional.empty());
        return Posture.blank(new PostureId("p"), "P")
                .withStart(new Start.Recorded(start))
                .withCounts(List.of(
                        Count.of(Stage.of(
                                new Move.Step(Side.LEFT, far, Optional.empty(), Optional.empty(), Optional.empty()))),
                        Count.of(Stage.of(new Move.Shift(Split.on(Side.LEFT, 60))))));
    }

    private static List<Finding> falls(Posture posture) {
        return Found.in(posture).stream()
                .filter(finding -> finding.rule() == RuleId.FALLING_STEP)
                .toList();
    }

    @Test
    void whatSomeHeightAllowsIsNoFaultButSaysHowDeepItMustBe() {
        assertThat(falls(stepping(UNSAID, 1.9))).singleElement().satisfies(finding -> {
            assertThat(finding.severity()).as(finding.sentence()).isEqualTo(Severity.NOTE);
            assertThat(finding.sentence()).contains("not said", "at least", "left");
        });
    }

    @Test
    void theSameStepFromAHeightThatIsSaidIsAFault() {
        assertThat(falls(stepping(UNSAID.withDrop(Length.fists(0.5)), 1.9)))
                .singleElement()
                .satisfies(finding -> assertThat(finding.severity()).isNotEqualTo(Severity.NOTE));
    }

    @Test
    void whatNoHeightAllowsIsAFaultAllTheSame() {
        assertThat(falls(stepping(UNSAID, 5)))
                .singleElement()
                .satisfies(finding -> assertThat(finding.severity()).isNotEqualTo(Severity.NOTE));
    }

    @Test
    void aStartThatDoesNotSayItTakesTheDepthInWhichOneComes() {
        Posture sinks = Posture.blank(new PostureId("s"), "S")
                .withCounts(List.of(Count.of(
                        Stage.of(new Move.ChangeDepth(new Depth.To(Length.fists(2)))),
                        Stage.of(new Move.Shift(Split.on(Side.RIGHT, 100))))));
        Posture next = stepping(UNSAID, 1);
        Form form = new Form(
                new FormId("f"),
                "F",
                List.of(new Part(
                        "",
                        List.of(
                                Entry.of(new EntryId("1"), sinks.id(), Played.AS_RECORDED),
                                Entry.of(new EntryId("2"), next.id(), Played.AS_RECORDED)))),
                Optional.empty(),
                Optional.empty());

        Track track =
                Unroll.form(form, new Shelf(Map.of(sinks.id(), sinks, next.id(), next), Map.of()), Standing.POSING);

        assertThat(track.occurrences().getLast().join().fits()).isTrue();
        assertThat(track.occurrences().getLast().done().begins().drop().value())
                .isEqualTo(track.occurrences().getFirst().done().end().drop().value());
    }
}
