package app.avrel.desktop.fitter;

import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.body.Body;
import app.avrel.body.Length;
import app.avrel.body.Side;
import app.avrel.floor.Direction;
import app.avrel.mechanics.StanceFit;
import app.avrel.posture.Posture;
import app.avrel.posture.PostureId;
import app.avrel.posture.count.Count;
import app.avrel.posture.count.Stage;
import app.avrel.posture.move.Move;
import app.avrel.posture.move.Split;
import app.avrel.posture.move.StepPlace;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** What was fitted is put into the step that leads to the chosen count. */
class FittedStepTest {

    private static final Body BODY = Body.ofStature(1.70);
    private static final StanceFit.Cell CELL =
            new StanceFit.Cell(1.5 * BODY.footLength(), 0.5 * BODY.shoulderWidth(), StanceFit.Against.NOTHING, 0.1);
    private static final Move SHIFT = new Move.Shift(Split.on(Side.LEFT, 65));

    private static Move step(StepPlace place) {
        return new Move.Step(Side.LEFT, place, Optional.empty(), Optional.empty(), Optional.empty());
    }

    private static Posture posture(Move... moves) {
        return Posture.blank(new PostureId("p"), "P")
                .withCounts(List.of(Count.of(Stage.of(moves)), Count.of(Stage.of(SHIFT))));
    }

    private static StepPlace along(double feet) {
        return new StepPlace.Along(Direction.FORWARD, Optional.of(Length.footLengths(feet)), Optional.empty());
    }

    @Test
    void theLastStepBeforeTheCountTakesLengthAndWidth() {
        Posture changed = FittedStep.in(posture(step(along(3))), 1, CELL, BODY).orElseThrow();
        Move.Step step =
                (Move.Step) changed.counts().getFirst().moves().findFirst().orElseThrow();
        assertThat(step.place())
                .isEqualTo(new StepPlace.Along(
                        Direction.FORWARD,
                        Optional.of(Length.footLengths(1.5)),
                        Optional.of(Length.shoulderWidths(0.5))));
        assertThat(changed.counts().getLast())
                .isEqualTo(posture(step(along(3))).counts().getLast());
    }

    @Test
    void aPostureWithoutAStepInADirectionIsLeftAlone() {
        assertThat(FittedStep.in(
                        posture(step(new StepPlace.Beside(Optional.empty(), Optional.empty()))), 1, CELL, BODY))
                .isEmpty();
        assertThat(FittedStep.in(posture(SHIFT), 1, CELL, BODY)).isEmpty();
    }

    @Test
    void aSizeIsSaidInCentimetresInchesAndTheBodysOwnMeasure() {
        assertThat(FitWords.size(CELL, BODY))
                .isEqualTo("39 cm long (15 in, 1.5 foot-lengths), 22 cm wide (9 in, 0.5 shoulder widths)");
        assertThat(FitWords.centimetres(CELL)).isEqualTo("39 × 22 cm");
        assertThat(FitWords.ownMeasure(CELL, BODY)).isEqualTo("1.5 × 0.5");
    }
}
