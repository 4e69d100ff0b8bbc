package app.avrel.mechanics;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.avrel.body.Body;
import app.avrel.body.Landmark;
import app.avrel.body.Length;
import app.avrel.body.Proportions;
import app.avrel.body.Side;
import app.avrel.floor.SpacePoint;
import app.avrel.house.HouseRules;
import app.avrel.motion.HandSpot;
import app.avrel.motion.Performer;
import app.avrel.motion.Pose;
import app.avrel.motion.Starting;
import app.avrel.posture.StartPose;
import app.avrel.posture.count.Stage;
import app.avrel.posture.hand.HandAt;
import app.avrel.posture.hand.HandOffset;
import app.avrel.posture.hand.HandPlace;
import app.avrel.posture.hand.Palm;
import app.avrel.posture.hand.Pointing;
import app.avrel.posture.hand.Reach;
import app.avrel.posture.hand.Sideways;
import app.avrel.posture.move.Move;
import app.avrel.samples.Samples;
import java.util.List;
import java.util.Optional;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** Where palms are and how they look, of any hand that is said. */
class HandLawsTest {

    private static final Body BODY = Body.ofStature(1.70);
    private static final Pose STANDING = Starting.of(StartPose.SHOULDER_WIDE, BODY);
    private static final Offset<Double> CLOSE = within(1e-9);

    private static Pose with(Pose pose, Side side, HandPlace place) {
        return side == Side.LEFT ? pose.withLeftHand(place) : pose.withRightHand(place);
    }

    private static HandRig rig(Pose pose, Side side) {
        return Rig.of(pose, BODY).hand(side);
    }

    private static HandRig standing(Side side, HandPlace place) {
        return rig(with(STANDING, side, place), side);
    }

    private static HandPlace at(Landmark height) {
        return HandPlace.UNSAID.withHeight(height);
    }

    private static SpacePoint shoulder(Pose pose, Side side) {
        return new SpacePoint(side.sign() * BODY.halfShoulders(), 0, new HandSpot(pose, BODY).shoulderHeight());
    }

    private static Pose random(Samples samples) {
        Performer performer = Performing.of(BODY, HouseRules.LARGE_FRAME);
        Pose pose = STANDING;
        for (int i = 0; i < 3; i++) {
            pose = performer.after(pose, samples.stage());
        }
        return pose;
    }

    @RepeatedTest(200)
    void noPalmIsFurtherFromTheShoulderThanTheArmIsLong(RepetitionInfo repetition) {
        Samples samples = new Samples(repetition.getCurrentRepetition());
        Pose pose = random(samples);
        for (Side side : Side.values()) {
            Pose holding = with(pose, side, pose.hand(side).with(samples.fullHand()));
            assertThat(rig(holding, side).palm().distance(shoulder(holding, side)))
                    .as("seed %d, %s", repetition.getCurrentRepetition(), side)
                    .isLessThanOrEqualTo(Proportions.ARM * BODY.stature() + 1e-9)
                    .isGreaterThanOrEqualTo(0.29 * Proportions.ARM * BODY.stature());
        }
    }

    @RepeatedTest(200)
    void fingersAreAlwaysAtRightAnglesToTheWayThePalmLooks(RepetitionInfo repetition) {
        Samples samples = new Samples(repetition.getCurrentRepetition());
        Pose pose = random(samples);
        for (Side side : Side.values()) {
            HandRig hand = rig(with(pose, side, samples.fullHand()), side);
            assertThat(hand.fingers().dot(hand.facing())).isCloseTo(0, CLOSE);
            assertThat(hand.fingers().length()).isCloseTo(1, CLOSE);
            assertThat(hand.facing().length()).isCloseTo(1, CLOSE);
            assertThat(hand.elbow().length()).isCloseTo(1, CLOSE);
        }
    }

    @ParameterizedTest
    @EnumSource(Palm.class)
    void fingersGoWhereTheyAreSaidToWhicheverWayThePalmLooks(Palm palm) {
        for (Pointing way : Pointing.values()) {
            HandRig hand =
                    standing(Side.RIGHT, at(Landmark.CHEST).withPalm(palm).withFingers(way));
            assertThat(hand.fingers().dot(pointing(way)))
                    .as("palm %s, fingers %s", palm, way)
                    .isCloseTo(1, CLOSE);
        }
    }

    private static SpacePoint pointing(Pointing way) {
        return switch (way) {
            case UP -> SpacePoint.UP;
            case DOWN -> SpacePoint.UP.times(-1);
            case FORWARD -> new SpacePoint(0, 1, 0);
            case BACK -> new SpacePoint(0, -1, 0);
            case IN, ACROSS, TO_THE_LEFT -> new SpacePoint(-1, 0, 0);
            case OUT, TO_THE_RIGHT -> new SpacePoint(1, 0, 0);
        };
    }

    @ParameterizedTest
    @CsvSource({
        "UP, 0, 0, 1",
        "DOWN, 0, 0, -1",
        "FORWARD, 0, 1, 0",
        "BACK, 0, -1, 0",
        "TO_THE_LEFT, -1, 0, 0",
        "TO_THE_RIGHT, 1, 0, 0"
    })
    void aPalmLooksTheWayThatIsSaidWhereTheFingersLeaveItFree(Palm palm, double right, double ahead, double up) {
        Pointing fingers = Math.abs(up) > 0 ? Pointing.FORWARD : Pointing.UP;
        for (Side side : Side.values()) {
            HandRig hand = standing(side, at(Landmark.CHEST).withPalm(palm).withFingers(fingers));
            assertThat(hand.facing().distance(new SpacePoint(right, ahead, up))).isCloseTo(0, CLOSE);
        }
    }

    @ParameterizedTest
    @EnumSource(Side.class)
    void aPalmLooksInAtTheTrunkAndOutAwayFromIt(Side side) {
        HandPlace before = at(Landmark.CHEST).withSideways(Sideways.CENTRE).withFingers(Pointing.UP);
        HandRig in = standing(side, before.withPalm(Palm.IN));
        HandRig out = standing(side, before.withPalm(Palm.OUT));
        assertThat(in.facing().dot(level(in.palm()))).isNegative();
        assertThat(out.facing().distance(in.facing().times(-1))).isCloseTo(0, CLOSE);
    }

    @Test
    void palmsThatLookAtEachOtherFaceEachOther() {
        HandPlace place = at(Landmark.NAVEL).withPalm(Palm.TO_THE_OTHER_HAND).withFingers(Pointing.FORWARD);
        Pose ball = with(with(STANDING, Side.LEFT, place), Side.RIGHT, place);
        assertThat(rig(ball, Side.LEFT).facing().dot(rig(ball, Side.RIGHT).facing()))
                .isCloseTo(-1, CLOSE);
        assertThat(rig(ball, Side.LEFT).facing().right()).isPositive();
    }

    @RepeatedTest(100)
    void theOtherSideHoldsItsHandAsInAMirror(RepetitionInfo repetition) {
        HandPlace place = new Samples(repetition.getCurrentRepetition())
                .fullHand()
                .withSideways(Sideways.OWN_SIDE)
                .withPalm(Palm.IN)
                .withFingers(Pointing.FORWARD);
        HandRig left = standing(Side.LEFT, place);
        HandRig right = standing(Side.RIGHT, place);
        assertThat(mirrored(left.palm()).distance(right.palm())).isCloseTo(0, CLOSE);
        assertThat(mirrored(left.facing()).distance(right.facing())).isCloseTo(0, CLOSE);
    }

    private static SpacePoint mirrored(SpacePoint point) {
        return new SpacePoint(-point.right(), point.ahead(), point.up());
    }

    @ParameterizedTest
    @CsvSource({"0", "1", "2", "3"})
    void whatIsSaidHigherIsNeverLowerHoweverDeepOneSits(double fists) {
        Pose sitting = Starting.of(StartPose.SHOULDER_WIDE.withDrop(Length.fists(fists)), BODY);
        double last = 0;
        for (Landmark height : Landmark.values()) {
            double up = rig(with(sitting, Side.RIGHT, at(height).withReach(Reach.ROUNDED)), Side.RIGHT)
                    .palm()
                    .up();
            assertThat(up).as(height.word()).isGreaterThanOrEqualTo(last - 1e-9);
            last = up;
        }
    }

    @ParameterizedTest
    @EnumSource(names = {"HIP", "NAVEL", "SOLAR_PLEXUS", "CHEST", "SHOULDER", "CHIN", "EYE"})
    void handsBeforeTheTrunkSinkWithIt(Landmark height) {
        Pose lower = Starting.of(StartPose.SHOULDER_WIDE.withDrop(Length.fists(3)), BODY);
        double sunk = lower.drop().value() - STANDING.drop().value();
        HandRig high = standing(Side.LEFT, at(height));
        HandRig low = rig(with(lower, Side.LEFT, at(height)), Side.LEFT);
        assertThat(high.palm().up() - low.palm().up()).isCloseTo(sunk, within(1e-6));
    }

    @ParameterizedTest
    @EnumSource(Side.class)
    void aHandOfWhichNothingIsSaidHangsAtTheSide(Side side) {
        SpacePoint palm = standing(side, HandPlace.UNSAID).palm();
        assertThat(palm.up()).isLessThan(Proportions.HIP_HEIGHT * BODY.stature());
        assertThat(palm.right() * side.sign()).isGreaterThan(Proportions.HALF_HIPS * BODY.stature());
    }

    @ParameterizedTest
    @EnumSource(Side.class)
    void aHandAtTheOtherHandStaysOnItsOwnSideOfIt(Side side) {
        Pose other = with(STANDING, side.other(), at(Landmark.CHEST).withSideways(Sideways.CENTRE));
        Pose both = with(other, side, HandPlace.UNSAID.withAt(HandAt.OTHER_HAND));
        SpacePoint away = rig(both, side).palm().minus(rig(both, side.other()).palm());
        assertThat(away.right() * side.sign()).isCloseTo(0.03 * BODY.stature(), CLOSE);
        assertThat(away.ahead()).isCloseTo(0, CLOSE);
        assertThat(away.up()).isCloseTo(0, CLOSE);
    }

    @ParameterizedTest
    @EnumSource(Side.class)
    void aHandAtTheOtherForearmOrUnderTheElbowIsNearerTheBodyThanThatHand(Side side) {
        Pose other = with(STANDING, side.other(), at(Landmark.SHOULDER).withReach(Reach.EXTENDED));
        for (HandAt against : List.of(HandAt.OTHER_WRIST, HandAt.OTHER_FOREARM, HandAt.OTHER_ELBOW)) {
            Pose both = with(other, side, HandPlace.UNSAID.withAt(against));
            assertThat(rig(both, side).palm().ahead())
                    .as(against.phrase())
                    .isLessThan(rig(both, side.other()).palm().ahead());
        }
        Pose under = with(other, side, HandPlace.UNSAID.withAt(HandAt.OTHER_ELBOW));
        assertThat(rig(under, side).palm().up())
                .isLessThan(rig(under, side.other()).palm().up());
    }

    @ParameterizedTest
    @CsvSource({
        "ABOVE, 0, 0, 1",
        "BELOW, 0, 0, -1",
        "IN_FRONT, 0, 1, 0",
        "BEHIND, 0, -1, 0",
        "OUTSIDE, 1, 0, 0",
    })
    void aFistAboveTheOtherHandIsAFistAboveIt(HandOffset.Way way, double right, double ahead, double up) {
        Pose other = with(STANDING, Side.LEFT, at(Landmark.NAVEL).withSideways(Sideways.CENTRE));
        for (HandAt against : List.of(HandAt.OTHER_HAND, HandAt.OTHER_WRIST)) {
            HandPlace there = HandPlace.UNSAID.withAt(against);
            HandPlace further = there.withOffset(new HandOffset(way, Optional.of(Length.fists(1))));
            SpacePoint from = rig(with(other, Side.RIGHT, there), Side.RIGHT).palm();
            SpacePoint to = rig(with(other, Side.RIGHT, further), Side.RIGHT).palm();
            SpacePoint fist = new SpacePoint(right, ahead, up).times(BODY.fist());
            assertThat(to.minus(from).distance(fist)).as(against.phrase()).isCloseTo(0, within(1e-6));
        }
    }

    @ParameterizedTest
    @EnumSource(Side.class)
    void aHandSomeFistsAboveItsRaisedKneeHoversOverIt(Side side) {
        Pose raised = raisedKnee(side);
        HandPlace on = HandPlace.UNSAID.withAt(HandAt.OWN_KNEE);
        HandPlace over = on.withOffset(new HandOffset(HandOffset.Way.ABOVE, Optional.of(Length.fists(2))));
        SpacePoint touching = rig(with(raised, side, on), side).palm();
        SpacePoint hovering = rig(with(raised, side, over), side).palm();
        assertThat(hovering.up() - touching.up()).isCloseTo(2 * BODY.fist(), within(1e-6));
        assertThat(level(hovering).distance(level(touching))).isCloseTo(0, within(1e-6));
    }

    private static SpacePoint level(SpacePoint point) {
        return SpacePoint.over(point.floor(), 0);
    }

    private static Pose raisedKnee(Side side) {
        return Performing.of(BODY, HouseRules.LARGE_FRAME)
                .after(
                        STANDING,
                        Stage.of(new Move.Lift(side, Optional.of(Landmark.HIP), Optional.empty(), Optional.empty())));
    }

    @ParameterizedTest
    @CsvSource({"1.40", "1.52", "1.91", "2.10"})
    void aTallerBodyHoldsItsHandsInTheSameShares(double stature) {
        Body tall = Body.ofStature(stature);
        Pose stand = Starting.of(StartPose.SHOULDER_WIDE, tall);
        for (HandAt against : HandAt.values()) {
            HandPlace place = HandPlace.UNSAID.withAt(against);
            SpacePoint of170 = standing(Side.LEFT, place).palm().times(stature / BODY.stature());
            SpacePoint palm =
                    Rig.of(with(stand, Side.LEFT, place), tall).hand(Side.LEFT).palm();
            assertThat(palm.distance(of170)).as(against.phrase()).isCloseTo(0, within(0.01));
        }
    }
}
