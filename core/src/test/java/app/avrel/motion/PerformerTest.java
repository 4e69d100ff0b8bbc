package app.avrel.motion;

import static app.avrel.motion.Standing.BODY;
import static app.avrel.motion.Standing.after;
import static app.avrel.motion.Standing.shoulderWide;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.avrel.body.Landmark;
import app.avrel.body.Length;
import app.avrel.body.Side;
import app.avrel.body.WeightShare;
import app.avrel.floor.Bearing;
import app.avrel.floor.Direction;
import app.avrel.floor.FloorPoint;
import app.avrel.floor.Turn;
import app.avrel.floor.Way;
import app.avrel.house.HouseRule;
import app.avrel.house.HouseRules;
import app.avrel.posture.Mirror;
import app.avrel.posture.Posture;
import app.avrel.posture.count.Stage;
import app.avrel.posture.hand.HandPlace;
import app.avrel.posture.hand.HandShape;
import app.avrel.posture.hand.Palm;
import app.avrel.posture.hand.Sideways;
import app.avrel.posture.move.BodyPart;
import app.avrel.posture.move.Contact;
import app.avrel.posture.move.Depth;
import app.avrel.posture.move.FootPart;
import app.avrel.posture.move.Gaze;
import app.avrel.posture.move.Move;
import app.avrel.posture.move.Split;
import app.avrel.posture.move.Turning;
import app.avrel.samples.Samples;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;

class PerformerTest {

    private static Move turn(BodyPart part, Turning turning) {
        return new Move.TurnBody(part, Optional.of(turning));
    }

    @Test
    void turningCarriesHipsAndChestAndTheChestAloneLeavesTheHips() {
        Pose whole = after(shoulderWide(), turn(BodyPart.WHOLE, new Turning.By(new Turn(-25))));
        assertThat(whole.facing()).isEqualTo(new Bearing(335));
        assertThat(whole.pelvis()).isEqualTo(new Bearing(335));
        Pose chest = after(whole, turn(BodyPart.CHEST, new Turning.By(new Turn(20))));
        assertThat(chest.facing()).isEqualTo(new Bearing(355));
        assertThat(chest.pelvis()).isEqualTo(new Bearing(335));
    }

    @Test
    void hipsSquareToTwelveWhileTheChestStaysAtOneThirty() {
        Pose pose = after(
                shoulderWide(),
                turn(BodyPart.CHEST, new Turning.To(new Bearing(45), Way.SHORTER)),
                turn(BodyPart.WHOLE, new Turning.To(Bearing.FRONT, Way.SHORTER)));
        assertThat(pose.pelvis()).isEqualTo(Bearing.FRONT);
        assertThat(pose.facing()).isEqualTo(new Bearing(45));
    }

    @Test
    void aTurnNeverLosesItsWholeTurns() {
        Pose pose = shoulderWide();
        for (int i = 0; i < 5; i++) {
            pose = after(pose, turn(BodyPart.WHOLE, new Turning.By(new Turn(110))));
        }
        assertThat(pose.chest().value()).isEqualTo(new Turn(550));
        Pose back = after(pose, turn(BodyPart.WHOLE, new Turning.To(Bearing.FRONT, Way.LEFT)));
        assertThat(back.chest().value()).isEqualTo(new Turn(360));
    }

    @Test
    void aFootInTheAirGoesRoundWithTheHips() {
        Pose up = after(
                Standing.apart(-0.4, 0.2),
                new Move.Lift(Side.RIGHT, Optional.empty(), Optional.empty(), Optional.empty()));
        Pose turned = after(up, turn(BodyPart.WHOLE, new Turning.By(new Turn(90))));
        FloorPoint standing = turned.left().heel().value();
        assertThat(turned.right().heading().value()).isEqualTo(new Bearing(90));
        assertThat(turned.right().heel().value().minus(standing).right()).isCloseTo(0.4, within(1e-9));
        assertThat(turned.right().heel().value().minus(standing).ahead()).isCloseTo(-0.2, within(1e-9));
    }

    @Test
    void aTurnWithoutANumberLeavesTheFacingOpen() {
        Pose pose = after(shoulderWide(), new Move.TurnBody(BodyPart.WHOLE, Optional.empty()));
        assertThat(pose.chest().known()).isFalse();
        assertThat(pose.hips().known()).isFalse();
    }

    @Test
    void theHouseRulesSettleAShareThatIsSaidToBeTheirs() {
        Split front = new Split.AsHouse(Split.Loading.FRONT_LOADED, Side.RIGHT);
        Split light = new Split.AsHouse(Split.Loading.LIGHT_FOOT, Side.RIGHT);
        HouseRules rules = HouseRules.LARGE_FRAME.with(HouseRule.EMPTY_SHARE, 10);
        assertThat(Performer.share(front, rules)).isEqualTo(WeightShare.on(Side.RIGHT, 65));
        assertThat(Performer.share(light, rules)).isEqualTo(WeightShare.on(Side.RIGHT, 90));
    }

    @Test
    void aShiftWithoutANumberIsCarriedAsARange() {
        Pose pose = after(shoulderWide(), new Move.Shift(Split.toward(Side.LEFT)));
        assertThat(pose.weight()).isEqualTo(new WeightShare(51, 100));
    }

    @Test
    void aLiftedFootBearsNothing() {
        Pose up = after(
                shoulderWide(),
                new Move.Lift(Side.LEFT, Optional.of(Landmark.HIP), Optional.empty(), Optional.empty()));
        assertThat(up.weight()).isEqualTo(WeightShare.left(0));
        assertThat(up.left().knee()).contains(Landmark.HIP);
    }

    @Test
    void raisingTheToesLeavesTheHeelAndLoweringBringsTheFootFlat() {
        Pose toesUp = after(shoulderWide(), new Move.Raise(Side.LEFT, FootPart.TOES, Optional.empty()));
        assertThat(toesUp.left().contact()).isEqualTo(Contact.HEEL);
        Pose flat = after(toesUp, new Move.Lower(Side.LEFT, Contact.FLAT, Optional.empty(), Optional.empty()));
        assertThat(flat.left().contact()).isEqualTo(Contact.FLAT);
    }

    @Test
    void oneSinksAndRisesInFistsButNeverAboveStandingAndSomewhatIsAssumed() {
        Pose sunk = after(shoulderWide(), new Move.ChangeDepth(new Depth.Sink(Optional.of(Length.fists(1)))));
        assertThat(sunk.drop().value()).isCloseTo(1.5 * BODY.fist(), within(1e-9));
        Pose risen = after(sunk, new Move.ChangeDepth(new Depth.Rise(Optional.of(Length.fists(9)))));
        assertThat(risen.drop().value()).isZero();
        Pose low = after(risen, new Move.ChangeDepth(new Depth.ToFrame(Depth.Frame.LOW)));
        assertThat(low.drop().value()).isCloseTo(3 * BODY.fist(), within(1e-9));
        Pose somewhat = after(low, new Move.ChangeDepth(new Depth.Rise(Optional.empty())));
        assertThat(somewhat.drop().assumed()).isTrue();
        assertThat(somewhat.drop().value()).isLessThan(low.drop().value());
    }

    @Test
    void aNewTargetSetsTheHandAnewAndHowItLooksStays() {
        HandPlace said = HandPlace.UNSAID.withHeight(Landmark.CHEST).withPalm(Palm.UP);
        HandPlace hand = after(shoulderWide(), new Move.PlaceHand(Side.LEFT, said, Optional.empty()))
                .leftHand();
        assertThat(hand.height()).contains(Landmark.CHEST);
        assertThat(hand.palm()).contains(Palm.UP);
        assertThat(hand.reach()).as("not what the last move left").isEmpty();
        assertThat(hand.sideways()).isEmpty();
        assertThat(hand.shape()).contains(HandShape.OPEN);
    }

    @Test
    void aBallIsHeldBetweenTwoPalmsOneAboveTheOther() {
        Pose pose = after(
                shoulderWide(),
                new Move.HoldBall(Side.RIGHT, Optional.of(Landmark.CHEST), Optional.empty(), Optional.empty()));
        assertThat(pose.rightHand().palm()).contains(Palm.DOWN);
        assertThat(pose.leftHand().palm()).contains(Palm.UP);
        double apart = new HandSpot(pose, BODY).of(Side.RIGHT).up()
                - new HandSpot(pose, BODY).of(Side.LEFT).up();
        assertThat(apart).isPositive();
    }

    @Test
    void aBallHeldAtOneSideIsThereForBothHands() {
        Pose pose = after(
                shoulderWide(),
                new Move.HoldBall(Side.RIGHT, Optional.of(Landmark.CHEST), Optional.empty(), Optional.of(Side.LEFT)));
        double left = ((Sideways.Across) pose.leftHand().sideways().orElseThrow()).shoulderHalves();
        double right = ((Sideways.Across) pose.rightHand().sideways().orElseThrow()).shoulderHalves();
        assertThat(left).as("toward its own side").isPositive();
        assertThat(right).as("across the centre line").isEqualTo(-left);
    }

    @Test
    void aLookTowardAnHourStaysThereWhenTheBodyTurns() {
        Gaze toThree = new Gaze.Toward(new Direction.OfPosture(new Bearing(90)));
        Pose pose = after(shoulderWide(), new Move.Look(toThree));
        Pose turned = after(pose, turn(BodyPart.WHOLE, new Turning.By(new Turn(45))));
        assertThat(turned.gaze()).isEqualTo(toThree);
    }

    @RepeatedTest(60)
    void theOrderInWhichHandsEyesAndWeightAreSaidHasNoMeaning(RepetitionInfo repetition) {
        Samples samples = new Samples(repetition.getCurrentRepetition());
        List<Move> moves = new ArrayList<>(List.of(
                new Move.Shift(samples.split()),
                new Move.PlaceHand(Side.LEFT, samples.hand(), Optional.empty()),
                new Move.PlaceHand(Side.RIGHT, samples.hand(), Optional.empty()),
                new Move.Look(samples.gaze()),
                new Move.TurnBody(BodyPart.WHOLE, Optional.of(samples.turning()))));
        Pose before = Starting.of(samples.startPose(), BODY);
        Pose said = Standing.POSING.after(before, Stage.of(moves));
        Collections.shuffle(moves, new Random(repetition.getCurrentRepetition()));
        assertThat(Standing.POSING.after(before, Stage.of(moves))).isEqualTo(said);
    }

    @RepeatedTest(60)
    void mirroringTheStartAndTheMovesMirrorsTheFeetAndTheWeight(RepetitionInfo repetition) {
        Samples samples = new Samples(repetition.getCurrentRepetition());
        var posture = samples.posture("p");
        Pose one = end(posture);
        Pose other = end(Mirror.of(posture));
        assertThat(other.weight()).isEqualTo(one.weight().mirrored());
        assertThat(other.chest().value().degrees())
                .isCloseTo(-one.chest().value().degrees(), within(1e-9));
        for (Side side : Side.values()) {
            FloorPoint heel = one.foot(side).heel().value();
            FloorPoint mirrored = other.foot(side.other()).heel().value();
            assertThat(mirrored.right())
                    .as("seed %d", repetition.getCurrentRepetition())
                    .isCloseTo(-heel.right(), within(1e-6));
            assertThat(mirrored.ahead()).isCloseTo(heel.ahead(), within(1e-6));
            assertThat(other.foot(side.other()).contact())
                    .isEqualTo(one.foot(side).contact());
        }
    }

    private static Pose end(Posture posture) {
        Pose pose = Starting.of(posture.start().pose(), BODY);
        for (var count : posture.counts()) {
            for (Stage stage : count.stages()) {
                pose = Standing.POSING.after(pose, stage);
            }
        }
        return pose;
    }
}
