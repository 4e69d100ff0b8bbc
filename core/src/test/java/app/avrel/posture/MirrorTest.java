package app.avrel.posture;

import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.body.Length;
import app.avrel.body.Side;
import app.avrel.floor.Bearing;
import app.avrel.floor.Direction;
import app.avrel.floor.Turn;
import app.avrel.floor.Way;
import app.avrel.label.Language;
import app.avrel.posture.count.Count;
import app.avrel.posture.count.CueLevel;
import app.avrel.posture.count.OwnWords;
import app.avrel.posture.count.SideWords;
import app.avrel.posture.hand.HandPlace;
import app.avrel.posture.hand.Palm;
import app.avrel.posture.move.BodyPart;
import app.avrel.posture.move.Contact;
import app.avrel.posture.move.Move;
import app.avrel.posture.move.Split;
import app.avrel.posture.move.StepPlace;
import app.avrel.posture.move.Toes;
import app.avrel.posture.move.Turning;
import app.avrel.samples.Samples;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;

class MirrorTest {

    @RepeatedTest(100)
    void mirroringTwiceIsTheSamePosture(RepetitionInfo repetition) {
        Posture posture = new Samples(repetition.getCurrentRepetition()).posture("p");
        assertThat(Mirror.of(Mirror.of(posture)))
                .as("seed %d", repetition.getCurrentRepetition())
                .isEqualTo(posture);
    }

    @RepeatedTest(100)
    void mirroringTwiceIsTheSameMove(RepetitionInfo repetition) {
        Move move = new Samples(1000 + repetition.getCurrentRepetition()).move();
        assertThat(Mirror.of(Mirror.of(move))).isEqualTo(move);
    }

    @Test
    void aFootThatComesDownOnTheOtherSideTurnsItsToesAsFar() {
        Optional<Toes> in = Optional.of(new Toes.Turned(-20));
        assertThat(Mirror.of(new Move.Lower(Side.RIGHT, Contact.FLAT, Optional.empty(), in)))
                .isEqualTo(new Move.Lower(Side.LEFT, Contact.FLAT, Optional.empty(), in));
    }

    @Test
    void aStepToOneThirtyOnTheRightBecomesAStepToTenThirtyOnTheLeft() {
        Move step = new Move.Step(
                Side.RIGHT,
                new StepPlace.Along(
                        new Direction.OfPosture(new Bearing(45)), Optional.of(Length.footLengths(2)), Optional.empty()),
                Optional.of(Contact.HEEL),
                Optional.of(new Toes.Turned(30)),
                Optional.empty());
        assertThat(Mirror.of(step))
                .isEqualTo(new Move.Step(
                        Side.LEFT,
                        new StepPlace.Along(
                                new Direction.OfPosture(new Bearing(315)),
                                Optional.of(Length.footLengths(2)),
                                Optional.empty()),
                        Optional.of(Contact.HEEL),
                        Optional.of(new Toes.Turned(30)),
                        Optional.empty()));
    }

    @Test
    void turningRightBecomesTurningLeftTheOtherWayRound() {
        assertThat(Mirror.of(new Move.TurnBody(BodyPart.WHOLE, Optional.of(new Turning.By(new Turn(110))))))
                .isEqualTo(new Move.TurnBody(BodyPart.WHOLE, Optional.of(new Turning.By(new Turn(-110)))));
        assertThat(Mirror.of(
                        new Move.TurnBody(BodyPart.CHEST, Optional.of(new Turning.To(new Bearing(30), Way.RIGHT)))))
                .isEqualTo(new Move.TurnBody(BodyPart.CHEST, Optional.of(new Turning.To(new Bearing(330), Way.LEFT))));
    }

    @Test
    void backStaysBackAndALeftPalmToTheRightBecomesARightPalmToTheLeft() {
        assertThat(Mirror.of(Direction.BACK)).isEqualTo(Direction.BACK);
        assertThat(Mirror.of(Direction.LEFT)).isEqualTo(Direction.RIGHT);
        assertThat(Mirror.of(
                        new Move.PlaceHand(Side.LEFT, HandPlace.UNSAID.withPalm(Palm.TO_THE_RIGHT), Optional.empty())))
                .isEqualTo(
                        new Move.PlaceHand(Side.RIGHT, HandPlace.UNSAID.withPalm(Palm.TO_THE_LEFT), Optional.empty()));
    }

    @Test
    void theHouseShareGoesToTheOtherFoot() {
        Split onTheLeft = new Split.AsHouse(Split.Loading.FRONT_LOADED, Side.LEFT);
        assertThat(Mirror.of(new Move.Shift(onTheLeft)))
                .isEqualTo(new Move.Shift(new Split.AsHouse(Split.Loading.FRONT_LOADED, Side.RIGHT)));
    }

    @Test
    void sideWordsOfTheInstructorsOwnAreExchangedInEveryLanguage() {
        assertThat(SideWords.swapped("Left over right, not leftover.", Language.ENGLISH))
                .isEqualTo("Right over left, not leftover.");
        assertThat(SideWords.swapped("la mano derecha y el pie izquierdo", Language.SPANISH))
                .isEqualTo("la mano izquierda y el pie derecho");
        assertThat(SideWords.swapped("左脚向右", Language.CHINESE)).isEqualTo("右脚向左");
    }

    @Test
    void ownWordsFollowTheSideThatIsDone() {
        OwnWords words = OwnWords.of(Language.ENGLISH, CueLevel.PROMPT, "right heel, gently");
        Count mirrored = Mirror.of(Count.blank().withWords(List.of(words)));
        assertThat(mirrored.words()).extracting(OwnWords::text).containsExactly("left heel, gently");
    }
}
