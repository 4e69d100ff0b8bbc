package app.avrel.posture.count;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.avrel.body.Side;
import app.avrel.label.Language;
import app.avrel.posture.Posture;
import app.avrel.posture.PostureId;
import app.avrel.posture.move.FootPart;
import app.avrel.posture.move.Move;
import app.avrel.posture.move.Split;
import app.avrel.samples.Samples;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;

class CountsTest {

    private static final Stage SHIFT = Stage.of(new Move.Shift(Split.on(Side.LEFT, 100)));
    private static final Stage LIFT = Stage.of(new Move.Raise(Side.RIGHT, FootPart.HEEL, Optional.empty()));

    private static List<Count> three() {
        return List.of(
                Count.of(SHIFT).withNote("a"),
                Count.of(LIFT).withNote("b"),
                Count.blank().withNote("c"));
    }

    private static List<String> notes(List<Count> counts) {
        return counts.stream().map(Count::note).toList();
    }

    @Test
    void aCountCanBeInsertedDuplicatedAndMoved() {
        assertThat(notes(Counts.insert(three(), 1, Count.blank()))).containsExactly("a", "", "b", "c");
        assertThat(notes(Counts.duplicate(three(), 1))).containsExactly("a", "b", "b", "c");
        assertThat(notes(Counts.move(three(), 0, 2))).containsExactly("b", "c", "a");
        assertThat(notes(Counts.move(three(), 2, 0))).containsExactly("c", "a", "b");
        assertThat(notes(Counts.delete(three(), 1))).containsExactly("a", "c");
    }

    @RepeatedTest(30)
    void deletingWhatWasInsertedChangesNothing(RepetitionInfo repetition) {
        Samples samples = new Samples(repetition.getCurrentRepetition());
        List<Count> counts = samples.several(1, 6, samples::count);
        int at = samples.number(0, counts.size());
        assertThat(Counts.delete(Counts.insert(counts, at, samples.count()), at))
                .isEqualTo(counts);
    }

    @RepeatedTest(30)
    void movingThereAndBackChangesNothing(RepetitionInfo repetition) {
        Samples samples = new Samples(repetition.getCurrentRepetition());
        List<Count> counts = samples.several(2, 6, samples::count);
        int from = samples.number(0, counts.size() - 1);
        int to = samples.number(0, counts.size() - 1);
        assertThat(Counts.move(Counts.move(counts, from, to), to, from)).isEqualTo(counts);
    }

    @Test
    void splittingSharesTheBeatsAndKeepsTheWordsWithTheFirst() {
        OwnWords words = OwnWords.of(Language.ENGLISH, CueLevel.PROMPT, "shift and lift");
        Count whole = Count.of(SHIFT, LIFT).withBeats(2).withWords(List.of(words));
        List<Count> parts = Counts.split(List.of(whole), 0, 1);
        assertThat(parts).hasSize(2);
        assertThat(parts.get(0).stages()).containsExactly(SHIFT);
        assertThat(parts.get(1).stages()).containsExactly(LIFT);
        assertThat(parts).extracting(Count::beats).containsExactly(1.0, 1.0);
        assertThat(parts.get(0).words()).containsExactly(words);
        assertThat(parts.get(1).words()).isEmpty();
    }

    @Test
    void mergingWhatWasSplitMakesItWholeAgain() {
        Count whole = Count.of(SHIFT, LIFT).withBeats(3).withBreath(Breath.IN);
        assertThat(Counts.merge(Counts.split(List.of(whole), 0, 1), 0)).containsExactly(whole);
    }

    @Test
    void mergingDropsStagesInWhichNothingMoves() {
        Count merged = Counts.merge(List.of(Count.blank(), Count.of(LIFT)), 0).getFirst();
        assertThat(merged.stages()).containsExactly(LIFT);
    }

    @Test
    void aCountLastsAWhile() {
        assertThatThrownBy(() -> Count.blank().withBeats(0)).hasMessage("beats must be 0.01 to 64, but was 0");
        assertThatThrownBy(() -> Count.blank().withBeats(Double.NaN)).isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void aPostureNeedsAName() {
        Posture posture = Posture.blank(new PostureId("x"), "A");
        assertThatThrownBy(() -> posture.withNames(List.of())).hasMessage("a posture must have a name (posture x)");
    }
}
