package app.avrel.desktop.postures;

import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.body.Body;
import app.avrel.body.Landmark;
import app.avrel.body.Length;
import app.avrel.body.Side;
import app.avrel.floor.Bearing;
import app.avrel.floor.Direction;
import app.avrel.floor.FloorPoint;
import app.avrel.floor.FloorVector;
import app.avrel.house.HouseRules;
import app.avrel.mechanics.Performing;
import app.avrel.motion.Pose;
import app.avrel.motion.Starting;
import app.avrel.posture.StartPose;
import app.avrel.posture.count.Count;
import app.avrel.posture.count.Stage;
import app.avrel.posture.hand.HandPlace;
import app.avrel.posture.hand.Palm;
import app.avrel.posture.move.Contact;
import app.avrel.posture.move.Move;
import app.avrel.posture.move.Pivot;
import app.avrel.posture.move.Split;
import app.avrel.posture.move.StepPlace;
import app.avrel.posture.move.Toes;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** What hands do on the floor and on the figure becomes the right move of the count. */
class HandsOnTest {

    private static final Body BODY = Body.ofStature(1.7);
    private static final Pose STANDING = Starting.of(StartPose.SHOULDER_WIDE, BODY);
    private static final HandsOn HANDS = new HandsOn(STANDING, BODY);

    private static Pose after(Count count) {
        Pose pose = STANDING;
        for (Stage stage : count.stages()) {
            pose = Performing.of(BODY, HouseRules.LARGE_FRAME).after(pose, stage);
        }
        return pose;
    }

    @Test
    void aFootPutAheadIsAStepThatLandsThere() {
        FloorPoint heel = STANDING.left().heel().value().plus(new FloorVector(0.22, 0.5));
        Count count = HANDS.step(Count.blank(), Side.RIGHT, heel);
        assertThat(count.moves()).singleElement().isInstanceOf(Move.Step.class);
        assertThat(after(count).right().heel().value().distance(heel)).isLessThan(0.02);
        assertThat(after(count).right().heading().value()).isEqualTo(Bearing.FRONT);
    }

    @Test
    void aFootPutAsideIsLevelWithTheOtherHeel() {
        FloorPoint heel = STANDING.left().heel().value().plus(new FloorVector(0.66, 0.01));
        Move.Step step = (Move.Step)
                HANDS.step(Count.blank(), Side.RIGHT, heel).moves().findFirst().orElseThrow();
        assertThat(step.place()).isEqualTo(new StepPlace.LevelWithHeel(Optional.of(Length.shoulderWidths(1.5))));
    }

    @Test
    void aSecondDragChangesTheStepThereIsAndKeepsItsLanding() {
        Move before = new Move.Step(
                Side.RIGHT,
                new StepPlace.Along(Direction.FORWARD, Optional.empty(), Optional.empty()),
                Optional.of(Contact.HEEL),
                Optional.empty(),
                Optional.empty());
        Count count = Count.of(Stage.of(before), Stage.of(new Move.Shift(Split.on(Side.RIGHT, 60))));
        FloorPoint heel = STANDING.left().heel().value().plus(new FloorVector(0.22, -0.5));
        Count changed = HANDS.step(count, Side.RIGHT, heel);
        Move.Step step = (Move.Step) changed.moves().findFirst().orElseThrow();
        assertThat(changed.moves()).hasSize(2);
        assertThat(step.landing()).contains(Contact.HEEL);
        assertThat(((StepPlace.Along) step.place()).direction()).isEqualTo(Direction.BACK);
    }

    @Test
    void turningAFootIsATurnOnThatPartTowardThere() {
        Count count = HANDS.turn(Count.blank(), Side.LEFT, Pivot.BALL, new Bearing(330));
        assertThat(count.moves())
                .containsExactly(new Move.TurnFoot(
                        Side.LEFT,
                        Pivot.BALL,
                        Optional.of(new Toes.Toward(new Direction.OfPosture(new Bearing(330))))));
    }

    @Test
    void theCentreOfMassBecomesAShiftAndOnlyOne() {
        Count count = HandsOn.weight(HandsOn.weight(Count.blank(), 70), 65);
        assertThat(count.moves()).containsExactly(new Move.Shift(Split.on(Side.LEFT, 65)));
    }

    @Test
    void aHandKeepsItsPalmAndGoesToAnotherHeight() {
        Count count = Count.of(Stage.of(new Move.PlaceHand(
                Side.LEFT, HandPlace.UNSAID.withHeight(Landmark.HIP).withPalm(Palm.UP), Optional.empty())));
        assertThat(HandsOn.hand(count, Side.LEFT, Landmark.CHIN).moves())
                .containsExactly(new Move.PlaceHand(
                        Side.LEFT, HandPlace.UNSAID.withHeight(Landmark.CHIN).withPalm(Palm.UP), Optional.empty()));
    }
}
