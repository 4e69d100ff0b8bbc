package app.avrel.motion;

import static app.avrel.motion.Standing.BODY;
import static app.avrel.motion.Standing.after;
import static app.avrel.motion.Standing.shoulderWide;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.avrel.body.Body;
import app.avrel.body.Landmark;
import app.avrel.body.Length;
import app.avrel.body.Measure;
import app.avrel.body.Side;
import app.avrel.floor.SpacePoint;
import app.avrel.posture.hand.HandAt;
import app.avrel.posture.hand.HandOffset;
import app.avrel.posture.hand.HandPlace;
import app.avrel.posture.hand.HandRelation;
import app.avrel.posture.hand.HandShape;
import app.avrel.posture.hand.Palm;
import app.avrel.posture.hand.Reach;
import app.avrel.posture.hand.Sideways;
import app.avrel.posture.move.Move;
import java.util.Map;
import java.util.Optional;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** Where a hand is after it has been said: anew from each target, so far from what it is said against. */
class HandTargetsTest {

    private static Move place(Side hand, HandPlace to) {
        return new Move.PlaceHand(hand, to, Optional.empty());
    }

    private static HandPlace at(Landmark height) {
        return HandPlace.UNSAID.withHeight(height);
    }

    private static SpacePoint palm(Pose pose, Side side) {
        return new HandSpot(pose, BODY).of(side);
    }

    @Test
    void aNewTargetForgetsHowFarAndToWhichSideTheLastOneWas() {
        Pose out = after(
                shoulderWide(),
                place(
                        Side.LEFT,
                        at(Landmark.SHOULDER).withSideways(Sideways.BEYOND).withReach(new Reach(95))));
        Pose chest = after(out, place(Side.LEFT, at(Landmark.CHEST)));
        Pose straight = after(shoulderWide(), place(Side.LEFT, at(Landmark.CHEST)));
        assertThat(palm(chest, Side.LEFT)).isEqualTo(palm(straight, Side.LEFT));
    }

    @Test
    void whatIsSaidOfTheHandAloneKeepsItsPlace() {
        Pose chest = after(shoulderWide(), place(Side.LEFT, at(Landmark.CHEST).withReach(new Reach(70))));
        Pose turned =
                after(chest, place(Side.LEFT, HandPlace.UNSAID.withPalm(Palm.UP).withShape(HandShape.FIST)));
        assertThat(palm(turned, Side.LEFT)).isEqualTo(palm(chest, Side.LEFT));
        assertThat(turned.leftHand().palm()).contains(Palm.UP);
        assertThat(turned.leftHand().shape()).contains(HandShape.FIST);
    }

    @ParameterizedTest(name = "{0}: {1}, {2}, {3}")
    @CsvSource({"ABOVE, 0, 0, 1", "BELOW, 0, 0, -1", "IN_FRONT, 0, 1, 0", "BEHIND, 0, -1, 0", "OUTSIDE, -1, 0, 0"})
    void anOffsetGoesItsWay(HandOffset.Way way, double right, double ahead, double up) {
        HandPlace chest = at(Landmark.CHEST);
        Pose there = after(shoulderWide(), place(Side.LEFT, chest));
        Pose off = after(
                shoulderWide(),
                place(Side.LEFT, chest.withOffset(new HandOffset(way, Optional.of(Length.centimetres(10))))));
        SpacePoint moved = palm(off, Side.LEFT).minus(palm(there, Side.LEFT));
        assertThat(moved.right()).isCloseTo(0.1 * right, within(1e-9));
        assertThat(moved.ahead()).isCloseTo(0.1 * ahead, within(1e-9));
        assertThat(moved.up()).isCloseTo(0.1 * up, within(1e-9));
    }

    @ParameterizedTest
    @EnumSource(HandOffset.Way.class)
    void anOffsetOfNoSaidLengthIsAFist(HandOffset.Way way) {
        HandPlace chest = at(Landmark.CHEST);
        Pose there = after(shoulderWide(), place(Side.RIGHT, chest));
        Pose off = after(shoulderWide(), place(Side.RIGHT, chest.withOffset(new HandOffset(way, Optional.empty()))));
        assertThat(palm(off, Side.RIGHT).distance(palm(there, Side.RIGHT))).isCloseTo(BODY.fist(), within(1e-9));
    }

    @Test
    void measuredShouldersCarryTheHandsOut() {
        Body broad = BODY.withMeasures(Map.of(Measure.SHOULDER_WIDTH, 500));
        Pose own = after(shoulderWide(), place(Side.RIGHT, at(Landmark.CHEST).withSideways(Sideways.OWN_SIDE)));
        assertThat(new HandSpot(own, broad).of(Side.RIGHT).right()).isCloseTo(0.25, within(1e-9));
        assertThat(palm(own, Side.RIGHT).right()).isCloseTo(BODY.shoulderWidth() / 2, within(1e-9));
    }

    @ParameterizedTest(name = "a ball of {0} fists")
    @CsvSource({"2", "3", "4", "6"})
    void theSizeOfABallIsWhatLiesBetweenThePalms(double fists) {
        Pose held = after(
                shoulderWide(),
                new Move.HoldBall(
                        Side.RIGHT, Optional.of(Landmark.CHEST), Optional.of(Length.fists(fists)), Optional.empty()));
        assertThat(palm(held, Side.RIGHT).distance(palm(held, Side.LEFT))).isCloseTo(fists * BODY.fist(), within(0.02));
        assertThat(palm(held, Side.RIGHT).up())
                .isGreaterThan(palm(held, Side.LEFT).up());
        assertThat(held.hold()).contains(HandHold.BALL);
    }

    @Test
    void stackedHandsKeepTheirGap() {
        Pose stacked = after(
                shoulderWide(),
                new Move.RelateHands(
                        HandRelation.STACKED,
                        Optional.of(Side.LEFT),
                        Optional.of(Landmark.CHEST),
                        Optional.of(Length.centimetres(20)),
                        Optional.empty()));
        assertThat(palm(stacked, Side.LEFT).up() - palm(stacked, Side.RIGHT).up())
                .isCloseTo(0.20, within(0.005));
    }

    @ParameterizedTest(name = "{0}: {1} and {2} meet at {3}")
    @CsvSource({
        "STACKED, THIGH, CHEST, CHEST",
        "STACKED, CHEST, THIGH, CHEST",
        "STACKED, NAVEL, CHEST, CHEST",
        "STACKED, THIGH, THIGH, THIGH",
        "CROSSED_WRISTS, HIP, SHOULDER, SHOULDER",
        "PALMS_TOGETHER, THIGH, SOLAR_PLEXUS, SOLAR_PLEXUS"
    })
    void handsThatGoTogetherMeetAtTheHeightOfTheOneThatIsLedTo(
            HandRelation relation, Landmark leading, Landmark other, Landmark both) {
        Pose held = after(shoulderWide(), place(Side.LEFT, at(leading)), place(Side.RIGHT, at(other)));
        Pose met = after(
                held,
                new Move.RelateHands(
                        relation, Optional.of(Side.LEFT), Optional.empty(), Optional.empty(), Optional.empty()));
        assertThat(met.leftHand().height()).contains(both);
        assertThat(met.rightHand().height()).contains(both);
    }

    @Test
    void handsSideBySideAreTheirGapApart() {
        Pose apart = after(
                shoulderWide(),
                new Move.RelateHands(
                        HandRelation.APART,
                        Optional.of(Side.LEFT),
                        Optional.of(Landmark.CHEST),
                        Optional.of(Length.centimetres(30)),
                        Optional.empty()));
        assertThat(palm(apart, Side.RIGHT).right() - palm(apart, Side.LEFT).right())
                .isCloseTo(0.30, within(0.005));
    }

    @Test
    void whereNobodySaysWhichIsInsideNeitherIs() {
        Pose crossed = after(
                shoulderWide(),
                new Move.RelateHands(
                        HandRelation.CROSSED_WRISTS,
                        Optional.empty(),
                        Optional.of(Landmark.CHEST),
                        Optional.empty(),
                        Optional.empty()));
        assertThat(palm(crossed, Side.LEFT).ahead())
                .isCloseTo(palm(crossed, Side.RIGHT).ahead(), within(1e-9));
        assertThat(palm(crossed, Side.LEFT).up())
                .isCloseTo(palm(crossed, Side.RIGHT).up(), within(1e-9));
    }

    @Test
    void ofCrossedWristsOneIsNearerTheBody() {
        Pose crossed = after(
                shoulderWide(),
                new Move.RelateHands(
                        HandRelation.CROSSED_WRISTS,
                        Optional.of(Side.LEFT),
                        Optional.of(Landmark.CHEST),
                        Optional.empty(),
                        Optional.empty()));
        assertThat(palm(crossed, Side.LEFT).ahead())
                .isLessThan(palm(crossed, Side.RIGHT).ahead());
        assertThat(palm(crossed, Side.LEFT).right())
                .as("each on the other's side")
                .isPositive();
        assertThat(palm(crossed, Side.RIGHT).right()).isNegative();
    }

    @Test
    void aHoldLastsUntilAHandGoesElsewhere() {
        Pose held = after(
                shoulderWide(),
                new Move.HoldBall(Side.RIGHT, Optional.of(Landmark.CHEST), Optional.empty(), Optional.empty()));
        Pose turned = after(held, place(Side.LEFT, HandPlace.UNSAID.withShape(HandShape.ROUNDED)));
        assertThat(turned.hold()).as("only how the hand looks").isPresent();
        Pose away = after(held, place(Side.LEFT, at(Landmark.HIP)));
        assertThat(away.hold()).isEmpty();
    }

    @Test
    void aHandAtItsKneeIsThereWhereverTheKneeIs() {
        Pose knee = after(shoulderWide(), place(Side.LEFT, HandPlace.UNSAID.withAt(HandAt.OWN_KNEE)));
        assertThat(knee.leftHand().at()).contains(HandAt.OWN_KNEE);
        Pose chest = after(knee, place(Side.LEFT, at(Landmark.CHEST)));
        assertThat(chest.leftHand().at())
                .as("a new target lets go of the old one")
                .isEmpty();
    }

    @Test
    void aDistanceOfAHandIsNeverNegative() {
        Assertions.assertThatThrownBy(() -> new HandOffset(HandOffset.Way.ABOVE, Optional.of(Length.fists(-1))))
                .hasMessageContaining("at least 0");
    }
}
