package app.avrel.motion;

import static app.avrel.motion.Standing.BODY;
import static app.avrel.motion.Standing.after;
import static app.avrel.motion.Standing.shoulderWide;
import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.body.Landmark;
import app.avrel.body.Length;
import app.avrel.body.LengthUnit;
import app.avrel.body.Side;
import app.avrel.body.WeightShare;
import app.avrel.floor.SpacePoint;
import app.avrel.floor.Turn;
import app.avrel.posture.hand.HandAt;
import app.avrel.posture.hand.HandPlace;
import app.avrel.posture.hand.Reach;
import app.avrel.posture.move.BodyPart;
import app.avrel.posture.move.Depth;
import app.avrel.posture.move.Move;
import app.avrel.posture.move.Split;
import app.avrel.posture.move.Turning;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** "The left palm stays where it is while the body moves." */
class StayingTest {

    private static final double TWO_CENTIMETRES = 0.02;

    private static final Pose PALM_AT_CHEST = after(
            shoulderWide(),
            new Move.PlaceHand(
                    Side.LEFT, HandPlace.UNSAID.withHeight(Landmark.CHEST).withReach(Reach.ROUNDED), Optional.empty()));
    private static final Move STAYS =
            new Move.PlaceHand(Side.LEFT, HandPlace.UNSAID.withAt(HandAt.STAYS), Optional.empty());

    private static Move turn(double degrees) {
        return new Move.TurnBody(BodyPart.WHOLE, Optional.of(new Turning.By(new Turn(degrees))));
    }

    /** Where the left palm is in the room. */
    private static SpacePoint palm(Pose pose) {
        return SpacePoint.over(CentreOfMass.of(pose, BODY), 0)
                .plus(new HandSpot(pose, BODY)
                        .of(Side.LEFT)
                        .turned(pose.facing().degrees()));
    }

    @ParameterizedTest
    @ValueSource(doubles = {-40, -25, 20, 45})
    void thePalmIsWhereItWasInTheRoomWhenTheBodyHasTurned(double degrees) {
        Pose turned = after(PALM_AT_CHEST, turn(degrees), STAYS);
        assertThat(palm(turned).distance(palm(PALM_AT_CHEST))).isLessThan(TWO_CENTIMETRES);
    }

    @Test
    void withoutTheWordThePalmGoesAlong() {
        Pose turned = after(PALM_AT_CHEST, turn(45));
        assertThat(palm(turned).distance(palm(PALM_AT_CHEST))).isGreaterThan(0.2);
    }

    @Test
    void itStaysThroughAShiftAndASecondTurn() {
        Pose moved = after(PALM_AT_CHEST, new Move.Shift(new Split.Said(WeightShare.left(70))), STAYS);
        Pose turned = after(moved, turn(15));
        assertThat(palm(turned).distance(palm(PALM_AT_CHEST))).isLessThan(TWO_CENTIMETRES);
    }

    @Test
    void aBodyThatSinksPastItLeavesThePalmNearerTheChin() {
        Pose sunk = after(
                PALM_AT_CHEST,
                new Move.ChangeDepth(new Depth.Sink(Optional.of(new Length(3, LengthUnit.FIST)))),
                STAYS);
        assertThat(sunk.hand(Side.LEFT).height()).contains(Landmark.CHIN);
    }

    @Test
    void anArmThatIsTooShortGoesAlong() {
        Pose away = after(PALM_AT_CHEST, turn(170), STAYS);
        assertThat(away.hand(Side.LEFT).reach().orElseThrow().percent()).isLessThanOrEqualTo(98);
    }

    @Test
    void aNewPlaceGivesUpTheOldOne() {
        Pose stays = after(PALM_AT_CHEST, turn(20), STAYS);
        Pose placed = after(
                stays, new Move.PlaceHand(Side.LEFT, HandPlace.UNSAID.withHeight(Landmark.NAVEL), Optional.empty()));
        Pose turned = after(placed, turn(20));
        assertThat(turned.hand(Side.LEFT)).isEqualTo(placed.hand(Side.LEFT));
    }
}
