package app.avrel.posture;

import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.body.Side;
import app.avrel.posture.count.Count;
import app.avrel.posture.count.Stage;
import app.avrel.posture.move.Move;
import app.avrel.posture.move.Split;
import app.avrel.posture.teaching.GentlerVersion;
import app.avrel.samples.Samples;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;

/** The other side is the mirror, except where it is recorded to differ. */
class OtherSideTest {

    private static Count shift(Side side, int percent) {
        return Count.of(Stage.of(new Move.Shift(Split.on(side, percent))));
    }

    private static final Posture SAIL = Posture.blank(new PostureId("sail"), "Raise the Sail")
            .withSide(Optional.of(Side.RIGHT))
            .withCounts(List.of(shift(Side.RIGHT, 60), shift(Side.RIGHT, 80)))
            .withOtherSide(List.of(new SideDifference(1, shift(Side.LEFT, 70))));

    @Test
    void aCountThatDiffersIsDoneAsRecordedForThatSide() {
        assertThat(Mirror.of(SAIL).counts()).containsExactly(shift(Side.LEFT, 60), shift(Side.LEFT, 70));
    }

    @Test
    void seenFromTheOtherSideThisSideIsTheOneThatDiffers() {
        assertThat(Mirror.of(SAIL).otherSide()).containsExactly(new SideDifference(1, shift(Side.RIGHT, 80)));
    }

    @RepeatedTest(60)
    void mirroringTwiceIsTheSamePostureDifferencesSheetAndAll(RepetitionInfo repetition) {
        Posture posture = new Samples(repetition.getCurrentRepetition()).twoSided("p");
        assertThat(Mirror.of(Mirror.of(posture)))
                .as("seed %d", repetition.getCurrentRepetition())
                .isEqualTo(posture);
    }

    @Test
    void aGentlerVersionReplacesItsCountsAndClaimsNothing() {
        GentlerVersion gentler =
                new GentlerVersion("stay high", 0, 1, List.of(shift(Side.RIGHT, 50), shift(Side.RIGHT, 55)));
        Posture done = SAIL.withEnd(EndClaim.NONE.withCounts(Optional.of(2))).in(gentler);
        assertThat(done.counts()).containsExactly(shift(Side.RIGHT, 50), shift(Side.RIGHT, 55), shift(Side.RIGHT, 80));
        assertThat(done.end()).isEqualTo(EndClaim.NONE);
        assertThat(SAIL.in(new GentlerVersion("all", 0, 9, List.of())).counts()).isEmpty();
    }
}
