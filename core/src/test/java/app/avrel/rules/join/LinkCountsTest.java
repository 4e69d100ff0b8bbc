package app.avrel.rules.join;

import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.body.Side;
import app.avrel.posture.count.Count;
import app.avrel.posture.count.Stage;
import app.avrel.posture.move.Contact;
import app.avrel.posture.move.Move;
import app.avrel.posture.move.Split;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** Stages of a link parted into counts as an instructor would count them. */
class LinkCountsTest {

    private static final Stage ALL_LEFT = shift(Side.LEFT, 100);
    private static final Stage RIGHT_DOWN =
            Stage.of(new Move.Lower(Side.RIGHT, Contact.FLAT, Optional.empty(), Optional.empty()));
    private static final Stage RIGHT_UP =
            Stage.of(new Move.Lift(Side.RIGHT, Optional.empty(), Optional.empty(), Optional.empty()));

    private static Stage shift(Side side, int percent) {
        return Stage.of(new Move.Shift(Split.on(side, percent)));
    }

    private static List<List<Stage>> counts(Stage... stages) {
        return LinkCounts.of(List.of(stages)).stream().map(Count::stages).toList();
    }

    @Test
    void theShiftThatEmptiesAFootBelongsToItsStep() {
        assertThat(counts(ALL_LEFT, RIGHT_UP)).containsExactly(List.of(ALL_LEFT, RIGHT_UP));
    }

    @Test
    void aShiftAfterAFootHasMovedBeginsTheNextCount() {
        Stage even = shift(Side.LEFT, 50);
        assertThat(counts(ALL_LEFT, RIGHT_UP, even)).containsExactly(List.of(ALL_LEFT, RIGHT_UP), List.of(even));
    }

    @Test
    void everyFootThatMovesHasACountOfItsOwn() {
        assertThat(counts(RIGHT_UP, RIGHT_DOWN)).containsExactly(List.of(RIGHT_UP), List.of(RIGHT_DOWN));
    }

    @Test
    void nothingToDoIsNoCount() {
        assertThat(counts()).isEmpty();
    }
}
