package app.avrel.form;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.avrel.body.Side;
import app.avrel.motion.Standing;
import app.avrel.posture.Posture;
import app.avrel.posture.PostureId;
import app.avrel.posture.count.Count;
import app.avrel.posture.count.Counts;
import app.avrel.posture.count.Stage;
import app.avrel.posture.move.Move;
import app.avrel.posture.move.Split;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** A loop is one entry: what leads in, its cycle so many times, what leads out. */
class CycleTest {

    private static final Count IN = onto(Side.LEFT, 60);
    private static final Count THERE = onto(Side.RIGHT, 70).withCycle(true);
    private static final Count BACK = onto(Side.LEFT, 70).withCycle(true);
    private static final Count OUT = onto(Side.RIGHT, 55);

    private static final Posture LOOP =
            Posture.blank(new PostureId("mill"), "Mill wheel").withCounts(List.of(IN, THERE, BACK, OUT));

    private static Count onto(Side foot, int share) {
        return Count.of(Stage.of(new Move.Shift(Split.on(foot, share))));
    }

    private static Form form(Optional<Integer> cycles) {
        Entry entry = Entry.of(new EntryId("1"), LOOP.id(), Played.AS_RECORDED).withCycles(cycles);
        return new Form(
                new FormId("f"), "F", List.of(new Part("", List.of(entry))), Optional.empty(), Optional.empty());
    }

    private static List<Count> done(Optional<Integer> cycles) {
        Track track = Unroll.form(form(cycles), new Shelf(Map.of(LOOP.id(), LOOP), Map.of()), Standing.POSING);
        return Moment.byCount(track.occurrences().getFirst().moments()).stream()
                .map(stages -> stages.getFirst().count())
                .toList();
    }

    @Test
    void theCycleIsGoneThroughSoOftenAndTheRestOnce() {
        assertThat(done(Optional.empty())).containsExactly(IN, THERE, BACK, OUT);
        assertThat(done(Optional.of(3))).containsExactly(IN, THERE, BACK, THERE, BACK, THERE, BACK, OUT);
    }

    @Test
    void itIsOneEntryWithOneNumber() {
        assertThat(new Numbering(Standing.POSING.rules(), _ -> Map.of()).of(form(Optional.of(5))))
                .extracting(Numbering.Numbers::toString)
                .containsExactly("1");
    }

    @Test
    void theCycleStaysWhereItIsWhenCountsAreAddedBeforeIt() {
        List<Count> more = Counts.insert(LOOP.counts(), 0, Count.blank());

        assertThat(Counts.cycled(more, 2)).containsExactly(Count.blank(), IN, THERE, BACK, THERE, BACK, OUT);
    }

    @Test
    void aPostureWithoutACycleIsDoneOnce() {
        assertThat(Counts.cycled(List.of(IN, OUT), 4)).containsExactly(IN, OUT);
    }

    @Test
    void noTimesAtAllIsNoWayToGoThroughIt() {
        assertThatThrownBy(() -> form(Optional.of(0))).hasMessageContaining("1 to 99");
    }

    @Test
    void eachCountThatIsDoneIsOneThatIsRecorded() {
        assertThat(IntStream.range(0, 8).map(done -> Counts.recorded(LOOP.counts(), 3, done)))
                .containsExactly(0, 1, 2, 1, 2, 1, 2, 3);
        assertThat(IntStream.range(0, 2).map(done -> Counts.recorded(List.of(IN, OUT), 3, done)))
                .containsExactly(0, 1);
    }
}
